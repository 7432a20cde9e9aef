require "tmpdir"
require "zlib"

module Usher
  module Formats
    # Fonts as they are packed for the web, unpacked: WOFF 1.0 here, WOFF 2.0 by woff2_decompress.
    module PackedFont
      SIGNS = [ "\0\1\0\0", "OTTO", "true", "ttcf" ].map(&:b).freeze # with which a font begins that is not packed (ISO/IEC 14496-22)
      HEADER = 44 # bytes of WOFF's own
      ENTRY = 20 # and for each table
      MOST = 30_000_000 # bytes of one, unpacked

      module_function

      # The bytes of a font that is not packed; nil where these are none, or broken.
      def unpacked(bytes)
        case bytes[0, 4]
        when *SIGNS then bytes
        when "wOFF".b then woff(bytes)
        when "wOF2".b then woff2(bytes)
        end
      rescue Zlib::Error, ArgumentError, NoMethodError, TypeError, Tool::Failed, Errno::ENOENT
        nil
      end

      # Each table as it was, behind a directory of the usual form.
      def woff(bytes)
        flavour, count = bytes[4, 4], bytes[12, 2].unpack1("n")
        entries = Array.new(count) { |n| bytes[HEADER + n * ENTRY, ENTRY].unpack("a4N4") }
        return if entries.sum { |entry| entry[3] } > MOST
        tables = entries.map { |entry| table(bytes, *entry) }
        at = 12 + 16 * count
        directory = tables.map { |tag, sum, data| [ tag, sum, at, data.bytesize ].pack("a4N3").tap { at += data.bytesize + -data.bytesize % 4 } }
        flavour + search(count) + directory.join + tables.map { |*, data| data + "\0" * (-data.bytesize % 4) }.join
      end

      # Its name, its checksum and its bytes. at, packed: where it lies and how long it is there; length: how long it was.
      def table(bytes, name, at, packed, length, sum)
        data = bytes[at, packed]
        data = inflated(data, length) if packed < length
        raise ArgumentError, "cut off" unless data.bytesize == length
        [ name, sum, data ]
      end

      def inflated(data, most)
        "".b.tap do |whole|
          Zlib::Inflate.new.inflate(data) { |part| (whole << part).bytesize > most and raise ArgumentError, "larger than it says" }
        end
      end

      # What helps programs to search the directory.
      def search(count)
        power = 2**Math.log2(count).floor
        [ count, power * 16, Math.log2(power).to_i, (count - power) * 16 ].pack("n4")
      end

      def woff2(bytes)
        return if bytes[16, 4].unpack1("N") > MOST
        Dir.mktmpdir("usher-font") do |folder|
          File.binwrite(File.join(folder, "font.woff2"), bytes)
          Tool.run("woff2_decompress", File.join(folder, "font.woff2"), seconds: 10)
          File.binread(File.join(folder, "font.ttf"))
        end
      end
      private_class_method :woff, :table, :inflated, :search, :woff2
    end
  end
end
