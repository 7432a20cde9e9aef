module Usher
  module Formats
    module Slides
      # A fill that is a picture, stretched over the box (SVG 2, 14.3).
      class Photo
        ID = Gradient::ID
        TYPES = { "\xFF\xD8".b => "jpeg", "\x89P".b => "png", "GI".b => "gif", "RI".b => "webp" }.freeze

        # bytes: of a picture of dots; crop: the part that is shown, [left, top, width, height] in shares.
        def initialize(bytes, crop: nil)
          @bytes, @crop = bytes, crop || [ 0, 0, 1, 1 ]
        end

        # Whether these bytes can be a fill.
        def self.reads?(bytes) = TYPES.key?(bytes.to_s.b[0, 2])

        # As Gradient#definition.
        def definition(x, y, width, height)
          left, top, wide, high = @crop
          image = Markup.tag("image", href: "data:image/#{TYPES.fetch(@bytes.b[0, 2])};base64,#{[ @bytes ].pack('m0')}", x: -left * width / wide, y: -top * height / high, width: width / wide, height: height / high, preserveAspectRatio: "none")
          Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", x: x, y: y, width: width, height: height }, image)
        end
      end
    end
  end
end
