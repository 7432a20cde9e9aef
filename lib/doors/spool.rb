require "tempfile"

module Doors
  # A file that is read in pieces, from its beginning, whether or not it still has a name. One made of pieces has none: its
  # space is free again when it is closed.
  class Spool
    PIECE = 64 * 1024

    def self.open(path) = new(File.open(path, "rb"))

    # pieces: strings, written one after the other.
    def self.of(pieces)
      file = Tempfile.create("usher-outgoing", binmode: true)
      File.unlink(file.path)
      pieces.each_with_object(new(file)) { |piece, spool| spool << piece }
    end

    def initialize(file) = @file = file

    def <<(piece) = @file.write(piece)
    def bytesize = @file.size
    def close = @file.close

    def each
      @file.rewind
      while (piece = @file.read(PIECE)) do yield piece end
    end
  end
end
