# Whose class it is.
class ClassTeacher < ApplicationRecord
  belongs_to :school_class
  belongs_to :teacher
end
