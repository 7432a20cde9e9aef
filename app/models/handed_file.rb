# A picture or a file of a colleague's that came to a teacher with a lesson. It lies in the colleague's store room and may be
# shown in the teacher's lessons; when the colleague leaves, it becomes the teacher's own.
class HandedFile < ApplicationRecord
  belongs_to :teacher
  belongs_to :picture, optional: true
  belongs_to :asset, optional: true
end
