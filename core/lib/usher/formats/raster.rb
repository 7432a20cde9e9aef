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

      # How large one dot is, in points, as its maker says it (JFIF, ISO/IEC 10918-5; PNG's pHYs); nil where that is not said, or no
      # size that anything has.
      def dot(bytes)
        bytes = bytes.b
        found = bytes[6, 5] == "JFIF\0".b ? jfif(*bytes[13, 3].unpack("Cn")) : phys(bytes)
        found if found&.between?(0.01, 10)
      end

      # unit: 1 is dots of an inch, 2 of a centimetre.
      def jfif(unit, density) = density.to_i.positive? ? { 1 => 72.0, 2 => 72 / 2.54 }[unit]&./(density) : nil

      def phys(bytes)
        at = bytes[0, 4_096].index("pHYs".b) or return
        across, _, unit = bytes[at + 4, 9].unpack("NNC")
        72 / 0.0254 / across if unit == 1 && across.positive?
      end

      def jpeg(bytes)
        at = 2
        while at + 9 <= bytes.bytesize && bytes.getbyte(at) == 0xFF
          marker = bytes.getbyte(at + 1)
          return bytes[at + 5, 4].unpack("nn").reverse if FRAMES.any? { |range| range.cover?(marker) }
          at += 2 + bytes[at + 2, 2].unpack1("n")
        end
      end
      private_class_method :jfif, :phys, :jpeg
    end
  end
end
