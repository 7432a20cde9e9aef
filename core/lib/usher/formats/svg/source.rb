require "zlib"

module Usher
  module Formats
    module Svg
      # The text of a drawing's file, in UTF-8, whatever it was written in and whether it is packed (RFC 1952) or not.
      module Source
        PACKED = "\x1F\x8B".b.freeze
        MARKS = { "\xEF\xBB\xBF".b => "UTF-8", "\xFF\xFE".b => "UTF-16LE", "\xFE\xFF".b => "UTF-16BE" }.freeze
        DECLARED = /\A\s*<\?xml[^>]*\bencoding\s*=\s*["']([\w.-]+)["']/

        module_function

        # most: bytes that it may have, unpacked too. Raises Invalid, TooMuch when it has more.
        def text(bytes, most:)
          bytes = unpacked(bytes, most) if bytes.b.start_with?(PACKED)
          raise Reader::TooMuch, "That drawing is larger than #{most / 1_000_000} MB." if bytes.bytesize > most
          mark, encoding = MARKS.find { |sign, _| bytes.b.start_with?(sign) }
          encoding ||= bytes.b[0, 200][DECLARED, 1] || "UTF-8"
          text = bytes.b.delete_prefix(mark || "").force_encoding(Encoding.find(encoding)).encode("UTF-8").scrub("")
          raise Invalid, "That drawing is not text that Usher can read." unless bytes.b.delete_prefix(mark || "").force_encoding(Encoding.find(encoding)).valid_encoding?
          text.sub(DECLARED) { |declared| declared.sub(/\bencoding\s*=\s*["'][\w.-]+["']/, "") }
        rescue ArgumentError, EncodingError
          raise Invalid, "That drawing is not text that Usher can read."
        end

        def unpacked(bytes, most)
          Zlib::GzipReader.wrap(StringIO.new(bytes)) { |gzip| gzip.read(most + 1).to_s }
        rescue Zlib::Error
          raise Invalid, "That drawing is packed, and broken."
        end
        private_class_method :unpacked
      end
    end
  end
end
