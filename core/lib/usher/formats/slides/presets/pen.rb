module Usher
  module Formats
    module Slides
      module Presets
        # What a form is drawn with, in the units of its box: w and h are its sides, s the shorter one. Angles in degrees,
        # clockwise.
        class Pen
          attr_reader :w, :h, :s, :outline, :area

          def initialize(width, height, bends)
            @w, @h, @s, @bends, @outline = width, height, [ width, height ].min, bends, Outline.new
          end

          # How far it is bent, within what it can be.
          def bend(name, most = nil, least = 0)
            value = @bends.fetch(name.to_s).to_f
            most ? value.clamp(least, [ most, least ].max) : value
          end

          # The same as an angle, as it is seen from the middle.
          def angle(name) = @bends.fetch(name.to_s).to_f * 100_000 / 60_000

          # A seen angle as that of an ellipse with these radii, whose arcs are counted as if it were a circle.
          def along(angle, across, down)
            turn = angle * Math::PI / 180
            Math.atan2(across * Math.sin(turn), down * Math.cos(turn)) * 180 / Math::PI
          end

          def move(x, y) = @outline.move([ x, y ])
          def line(*places) = places.each_slice(2) { |place| @outline.line(place) }
          def curve(*places) = @outline.curve(*places.each_slice(2).to_a)
          def arc(across, down, from, by) = @outline.arc(across, down, from, by)
          def close = @outline.close
          def polygon(*places)
            move(*places.first(2))
            line(*places.drop(2))
            close
          end

          def ellipse(x, y, across, down)
            move(x - across, y)
            arc(across, down, 180, 360)
            close
          end

          def rectangle(x, y, width, height) = polygon(x, y, x + width, y, x + width, y + height, x, y + height)

          # Where words stand in it; usually all of the box is for them.
          def words(left, top, right, bottom) = @area = [ left, top, right, bottom ]

          # The same within an ellipse about the middle.
          def words_within(across = w / 2, down = h / 2)
            x, y = across * Math.sqrt(0.5), down * Math.sqrt(0.5)
            words(w / 2 - x, h / 2 - y, w / 2 + x, h / 2 + y)
          end

          # About the middle, from one seen angle to another, clockwise; a line leads there, unless it begins.
          def around(across, down, from, to, begins: false)
            from, to = [ from, to ].map { |angle| along(angle, across, down) }
            by = (to - from) % 360
            outline.around([ w / 2, h / 2 ], across, down, from, by < 0.001 ? 360 : by, begins: begins)
          end

          # What follows is painted by itself: shade, how much darker or lighter.
          def also(**look) = @outline.apart(**look)

          # Only its lines: the details over a form.
          def lines = also(fill: false)

          # An open line, over what it half encloses.
          def outlined
            also(stroke: false)
            yield
            lines
            yield
          end

          # Places turned by quarters about the middle, the sides changing places.
          def turned(quarters, places)
            places.each_slice(2).flat_map do |x, y|
              case quarters % 4
              when 0 then [ x, y ]
              when 1 then [ w - y, x ]
              when 2 then [ w - x, h - y ]
              else [ y, h - x ]
              end
            end
          end

          # The same of a box: [left, top, right, bottom].
          def turned_box(quarters, *corners) = turned(quarters, corners).then { |ax, ay, bx, by| [ *[ ax, bx ].zip([ ay, by ]).transpose.map(&:min), [ ax, bx ].max, [ ay, by ].max ] }
        end
      end
    end
  end
end
