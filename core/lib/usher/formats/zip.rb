require "zip"

module Usher
  module Formats
    # Looks into an archive (office documents are archives too) without unpacking it.
    module Zip
      MOST_BYTES = 1_000_000_000
      MOST_FILES = 10_000
      DENSEST = 200 # times as large unpacked as packed, from which on it is a trap
      SMALL = 20_000_000 # bytes unpacked that do no harm however dense

      module_function

      # The files with this ending, { name => bytes }, of which all together have at most so many bytes. Raises Invalid.
      def texts(path, ending, most:)
        check(path)
        ::Zip::File.open(path) do |archive|
          found = archive.select { |entry| entry.file? && entry.name.downcase.end_with?(".#{ending}") }
          raise Invalid, "That archive holds more than #{most / 1_000_000} MB." if found.sum(&:size) > most
          found.to_h { |entry| [ entry.name, entry.get_input_stream.read(most) ] }
        end
      rescue ::Zip::Error, Zlib::Error
        raise Invalid, "That file is broken: Usher could not read it to the end. Nothing was changed."
      end

      # path: of the file. Raises Invalid when it is broken or would grow beyond all measure.
      def check(path)
        files, unpacked = 0, 0
        ::Zip::File.open(path) do |archive|
          archive.each do |entry|
            files += 1
            unpacked += entry.size
            raise Invalid, "That file would unpack to more than Usher takes. Nothing was changed." if files > MOST_FILES || unpacked > MOST_BYTES
          end
        end
        return if unpacked < SMALL || unpacked < File.size(path) * DENSEST
        raise Invalid, "That file would unpack to #{unpacked / 1_000_000} MB, far more than its size. Usher does not take it. Nothing was changed."
      rescue ::Zip::Error
        raise Invalid, "That file is broken: Usher could not read it to the end. Nothing was changed."
      end
    end
  end
end
