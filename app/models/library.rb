# The drawings that come with Usher, in a file of their own that is made at set-up (script/library) and
# only read.
module Library
  class Record < ApplicationRecord
    self.abstract_class = true
    establish_connection :library
  end
end
