module Usher
  module Formats
    # How large a picture of dots says it is, read from its first bytes without opening it (PNG, ISO/IEC
    # 15948; JPEG, ITU-T T.81).
    module Raster
      FRAMES = [ 0xC0..0xC3, 0xC5..0xC7, 0xC9..0xCB, 0xCD..0xCF ].freeze # JPEG's markers that tell the size

      module_function

      # bytes: the file, or its beginning, in whatever encoding. [width, height] in dots; nil where it is neither PNG nor JPEG.
      def size(bytes)
        bytes = bytes.b
        return bytes[16, 8].unpack("NN") if bytes.start_with?("\x89PNG\r\n\x1A\n".b) && bytes.bytesize >= 24
        jpeg(bytes) if bytes.start_with?("\xFF\xD8".b)
      end

      def jpeg(bytes)
        at = 2
        while at + 9 <= bytes.bytesize && bytes.getbyte(at) == 0xFF
          marker = bytes.getbyte(at + 1)
          return bytes[at + 5, 4].unpack("nn").reverse if FRAMES.any? { |range| range.cover?(marker) }
          at += 2 + bytes[at + 2, 2].unpack1("n")
        end
      end
      private_class_method :jpeg
    end
  end
end
