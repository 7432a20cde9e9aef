module Usher
  module Formats
    module Slides
      # A fill that is a picture, stretched over the box or laid beside itself over and over (SVG 2, 14.3).
      class Photo
        include Paint

        NOTES = [ 0xE1, 0xED, 0xFE ].freeze # markers of where it was taken, and by whom: APP1, APP13, COM
        TYPES = { "\xFF\xD8".b => "jpeg", "\x89P".b => "png" }.freeze

        DOT = 0.75 # points, of one that does not say how large its dots are
        TONED = "toned".freeze
        LEAST = 1 # point, of a tile's sides

        # bytes: of a picture of dots; crop: the part that is shown, [left, top, width, height] in shares; tile: how large it lies
        # beside itself, [across, down] in shares of its own size, nil where it is stretched; parts: the same in shares of the box, nil
        # where that does not matter; from: where in the box one of them lies, [across, down] in shares of what is left beside it; shift:
        # how much further, in shares of itself; once: whether there is but that one; toned: see Toning, or nil; opacity: 0 to 1.
        def initialize(bytes, crop: nil, tile: nil, parts: [ nil, nil ], from: [ 0, 0 ], shift: [ 0, 0 ], once: false, toned: nil, opacity: 1)
          @parts, @shift = parts, shift
          @bytes, @crop, @tile, @from, @once, @toned, @opacity = bare(tile ? bytes.b : Sharp.enlarged(bytes.b)), crop || [ 0, 0, 1, 1 ], tile, from, once, toned, opacity
        end

        # Whether these bytes can be a fill.
        def self.reads?(bytes) = TYPES.key?(bytes.to_s.b[0, 2])

        # How large one dot of it is, in points.
        def self.dot(bytes) = Raster.dot(bytes) || DOT

        # See Paint.
        def definition(x, y, width, height, scale = 1)
          room = [ width, height ]
          own = (tiled(scale) || room).zip(@parts, room).map { |size, part, long| part ? long * part : size }
          beside = room.zip(own, @from, @shift).map { |long, size, share, more| (long - size) * share + size * more }
          place, at = @once ? [ [ x, y, *room ], beside ] : [ [ x + beside[0], y + beside[1], *own ], [ 0, 0 ] ]
          toning + Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", **%i[x y width height].zip(place).to_h }, image(at, own))
        end

        private

        # All of it, so large that the part to be shown is as large as that.
        def image((x, y), (width, height))
          left, top, wide, high = @crop
          Markup.tag("image", href: "data:image/#{TYPES.fetch(@bytes[0, 2])};base64,#{[ @bytes ].pack('m0')}", x: x - left * width / wide, y: y - top * height / high, width: width / wide, height: height / high, preserveAspectRatio: "none", opacity: (@opacity if @opacity < 1), filter: ("url(##{TONED})" if @toned))
        end

        def toning
          return "" unless @toned
          Markup.tag("filter", { id: TONED, x: 0, y: 0, width: 1, height: 1, "color-interpolation-filters": "sRGB" }, Markup.tag("feColorMatrix", type: "matrix", values: @toned.flatten.map { |n| n.round(4) }.join(" ")))
        end

        # How large one tile is, in user units.
        def tiled(scale) = @tile && Raster.size(@bytes)&.zip(@tile)&.map { |dots, share| [ dots * self.class.dot(@bytes) * share, LEAST ].max * scale }

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
