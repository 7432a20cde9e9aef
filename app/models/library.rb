# The drawings that come with Usher, in a file of their own that is made at set-up (script/library) and
# only read.
module Library
  class Record < ApplicationRecord
    self.abstract_class = true
    connects_to database: { reading: :library }
  end

  def self.read(&block) = Record.connected_to(role: :reading, &block)
end
