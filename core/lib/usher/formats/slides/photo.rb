module Usher
  module Formats
    module Slides
      # A fill that is a picture, stretched over the box or laid beside itself over and over (SVG 2, 14.3).
      class Photo
        include Paint

        NOTES = [ 0xE1, 0xED, 0xFE ].freeze # markers of where it was taken, and by whom: APP1, APP13, COM
        TYPES = { "\xFF\xD8".b => "jpeg", "\x89P".b => "png" }.freeze

        DOT = 0.75 # points, of a tile that is as large as it is
        TINTED, LIGHT = "tinted".freeze, [ 0.2126, 0.7152, 0.0722 ].freeze # how light red, green and blue are
        LEAST = 1 # point, of a tile's sides

        # bytes: of a picture of dots; crop: the part that is shown, [left, top, width, height] in shares; tile: how large it lies
        # beside itself, [across, down] in shares of its own size, nil where it is stretched; inks: two colours ("#rrggbb") that stand
        # for its black and its white, or nil.
        def initialize(bytes, crop: nil, tile: nil, inks: nil)
          @bytes, @crop, @tile, @inks = bare(bytes.b), crop || [ 0, 0, 1, 1 ], tile, inks
        end

        # Whether these bytes can be a fill.
        def self.reads?(bytes) = TYPES.key?(bytes.to_s.b[0, 2])

        # See Paint.
        def definition(x, y, width, height, scale = 1)
          width, height = tiled(scale) || [ width, height ]
          left, top, wide, high = @crop
          image = Markup.tag("image", href: "data:image/#{TYPES.fetch(@bytes[0, 2])};base64,#{[ @bytes ].pack('m0')}", x: -left * width / wide, y: -top * height / high, width: width / wide, height: height / high, preserveAspectRatio: "none", filter: ("url(##{TINTED})" if @inks))
          tinted + Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", x: x, y: y, width: width, height: height }, image)
        end

        private

        # Each dot as light as it is between the two colours.
        def tinted
          return "" unless @inks
          dark, light = @inks.map { |colour| colour.scan(/\h\h/).map { |part| part.hex / 255.0 } }
          rows = dark.zip(light).map { |from, to| [ *LIGHT.map { |weight| weight * (to - from) }, 0, from ] } << [ 0, 0, 0, 1, 0 ]
          Markup.tag("filter", { id: TINTED, x: 0, y: 0, width: 1, height: 1, "color-interpolation-filters": "sRGB" }, Markup.tag("feColorMatrix", type: "matrix", values: rows.flatten.map { |n| n.round(4) }.join(" ")))
        end

        # How large one tile is, in user units.
        def tiled(scale) = @tile && Raster.size(@bytes)&.zip(@tile)&.map { |dots, share| [ dots * DOT * share, LEAST ].max * scale }

        # A JPEG (ITU-T T.81, B.1.1.4) without its notes, up to where its picture begins; anything else as it is.
        def bare(bytes)
          return bytes unless bytes.start_with?("\xFF\xD8".b)
          at, kept = 2, bytes[0, 2]
          while bytes.getbyte(at) == 0xFF && (marker = bytes.getbyte(at + 1)) && marker != 0xDA && (long = bytes[at + 2, 2].unpack1("n"))
            kept << bytes[at, long + 2].to_s unless NOTES.include?(marker)
            at += long + 2
          end
          kept << bytes[at..].to_s
        end
      end
    end
  end
end
