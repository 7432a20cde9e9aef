module Usher
  module Formats
    # Signs made dot by dot (icons, matrix codes) are not blurred however large they are shown: each of their dots becomes a square
    # of many.
    module Sharp
      FEW, FEW_OF_PHOTO = 64, 32 # dots of the longer side at most
      SIDE = 512 # dots of the longer side afterwards, about
      JPEG = "\xFF\xD8".b
      KEPT = 64 # pictures, because a slide may show one of them many times

      module_function

      # By how much each dot of a picture is enlarged; nil for one of too many dots. bytes: the file, of which the beginning says
      # whether it is a photo's kind.
      def by(width, height, bytes)
        longer = [ width, height ].max
        SIDE / longer if longer.between?(1, bytes.b.start_with?(JPEG) ? FEW_OF_PHOTO : FEW)
      end

      # A PNG or JPEG of few dots as a PNG of many; anything else, and what cannot be read, as it is.
      def enlarged(bytes)
        by = Raster.size(bytes)&.then { |width, height| by(width, height, bytes) } or return bytes
        @kept ||= {}
        @kept.shift if @kept.size >= KEPT && !@kept.key?(bytes)
        @kept[bytes] ||= Tool.run("ffmpeg", "-v", "error", "-f", "image2pipe", "-i", "pipe:0", "-frames:v", "1", "-vf", "scale=iw*#{by}:ih*#{by}:flags=neighbor", "-f", "image2pipe", "-c:v", "png", "pipe:1", input: bytes, seconds: 10)
      rescue Tool::Failed
        bytes
      end
    end
  end
end
