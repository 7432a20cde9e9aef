require "nokogiri"
require "zip"

module Usher
  module Formats
    module Slides
      # The parts of an office document, never more of one, or more of them at once, than is good for the
      # server.
      class Archive
        BROKEN = "That presentation is broken: Usher could not read it. Nothing was changed.".freeze
        MOST_TEXT = 30_000_000 # bytes of one part of XML
        MOST_PICTURE = 20_000_000
        MOST_MEDIA = 500_000_000
        KEPT = 24 # parts of XML: what is behind many slides is read once

        # path: of the file. Raises Invalid.
        def initialize(path)
          Zip.check(path)
          @path = path
          @names = opened { |archive| archive.map(&:name) }
          @parts = {}
        rescue ::Zip::Error
          raise Invalid, BROKEN
        end

        def part?(name) = @names.include?(name)

        # The root of a part of XML. Raises Invalid where it is missing or is none.
        def xml(name)
          @parts[name] = @parts.delete(name) || read(name)
          @parts.shift if @parts.size > KEPT
          @parts[name]
        end

        # The bytes of a part; nil where it is missing or too large.
        def bytes(name, most: MOST_PICTURE)
          opened do |archive|
            entry = archive.find_entry(name)
            next if entry.nil? || entry.directory? || entry.size > most
            read = entry.get_input_stream { |stream| stream.read(most + 1) }.to_s
            read if read.bytesize <= most
          end
        rescue ::Zip::Error, Zlib::Error
          raise Invalid, BROKEN
        end

        # Writes a part into an IO, piece by piece; answers whether it was there, and not too large.
        def copy(name, io, most: MOST_MEDIA)
          opened do |archive|
            entry = archive.find_entry(name)
            next false if entry.nil? || entry.directory? || entry.size > most
            entry.get_input_stream { |stream| IO.copy_stream(stream, io, most) }
            true
          end
        rescue ::Zip::Error, Zlib::Error
          raise Invalid, BROKEN
        end

        private

        def read(name)
          text = bytes(name, most: MOST_TEXT) or raise Invalid, BROKEN
          document = Nokogiri::XML(text) { |config| config.nonet }
          raise Invalid, BROKEN if document.root.nil? || document.internal_subset # entities, which neither standard has
          document.root
        end

        def opened(&work) = ::Zip::File.open(@path, &work)
      end
    end
  end
end
