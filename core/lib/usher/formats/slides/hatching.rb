module Usher
  module Formats
    module Slides
      # A fill of lines, or of dots, over a colour or over nothing (SVG 2, 14.3).
      class Hatching
        include Paint

        MOST = 1_500 # lines of one set

        # colour: "#rrggbb" of the lines; ground: of what is between them, or nil; ways: the degrees, clockwise, of each set of
        # lines, 0 being level; none for dots; apart: points from one to the next; breadth: points of each.
        def initialize(colour, ground: nil, ways: [], apart: 4, breadth: 0.75)
          @colour, @ground, @ways, @apart, @breadth = colour, ground, ways, apart.clamp(0.5, 200).to_f, breadth
        end

        # As one colour, where no more is to be had.
        def mean
          share = @ways.empty? ? (@breadth / @apart)**2 : @ways.size * @breadth / @apart
          Paint.mean([ @colour, @ground || Colour::WHITE ], [ share.clamp(0, 1), 1 - share.clamp(0, 1) ])
        end

        # See Paint.
        def definition(x, y, width, height, scale = 1)
          width, height = @apart * scale, @apart * scale if @ways.empty?
          ground = @ground ? Markup.tag("rect", { width: width, height: height, fill: @ground }) : ""
          Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", x: x, y: y, width: width, height: height }, ground + (@ways.empty? ? dot(scale) : lines(width, height, scale)))
        end

        private

        def dot(scale) = Markup.tag("rect", { width: @breadth * scale, height: @breadth * scale, fill: @colour })

        def lines(width, height, scale)
          data = @ways.flat_map { |way| set(width, height, way * Math::PI / 180, @apart * scale) }
          Markup.tag("path", { d: data.join, fill: "none", stroke: @colour, "stroke-width": @breadth * scale })
        end

        # One set: each line as far as the corners of the box reach along it.
        def set(width, height, way, apart)
          along, across = [ [ Math.cos(way), Math.sin(way) ], [ -Math.sin(way), Math.cos(way) ] ].map do |(dx, dy)|
            [ dx, dy, *[ 0, width ].product([ 0, height ]).map { |x, y| x * dx + y * dy }.minmax ]
          end
          (across[2]..across[3]).step(apart).first(MOST).map do |off|
            from, to = along[2, 2].map { |far| [ far * along[0] + off * across[0], far * along[1] + off * across[1] ].map { |n| n.round(2) }.join(" ") }
            "M#{from}L#{to}"
          end
        end
      end
    end
  end
end
