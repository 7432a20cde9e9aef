# What can be read when it is brought in, by its media type. A reader is a file in asset/readers that says
# which types it `reads?` and makes of an upload the `attributes` of an asset; it raises Usher::Invalid
# where the file is broken, locked or a trap.
module Asset::Readers
  ALL = %w[Picture Film Paper Slides Document].freeze

  # The reader of a type, or nil.
  def self.for(type) = ALL.lazy.map { |name| const_get(name) }.find { |reader| reader.reads?(type) }
end
