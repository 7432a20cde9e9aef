module Usher
  module Formats
    module Slides
      # A fill of one small drawing over and over, dot by dot, over a colour or over nothing (SVG 2, 14.3).
      class Tiling
        include Paint

        DOT = 0.75 # points

        # colour: "#rrggbb" of the dots; ground: of what is between them, or nil; rows: strings of the same length, "#" for each dot.
        def initialize(colour, ground: nil, rows:)
          @colour, @ground, @rows = colour, ground, rows
        end

        # As one colour, where no more is to be had.
        def mean
          share = @rows.sum { |row| row.count("#") } / (@rows.size * @rows.first.size).to_f
          Paint.mean([ @colour, @ground || Colour::WHITE ], [ share, 1 - share ])
        end

        # See Paint.
        def definition(x, y, _width, _height, scale = 1)
          dot = DOT * scale
          size = { width: (@rows.first.size * dot).round(3), height: (@rows.size * dot).round(3) }
          ground = @ground ? Markup.tag("rect", { **size, fill: @ground }) : ""
          Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", x: x, y: y, **size }, ground + Markup.tag("path", { d: runs(dot), fill: @colour, "shape-rendering": "crispEdges" }))
        end

        private

        # Dots beside each other as one box.
        def runs(dot)
          @rows.each_with_index.flat_map do |row, down|
            row.enum_for(:scan, /#+/).map do
              left, wide = [ $~.begin(0), $~[0].size ].map { |dots| (dots * dot).round(3) }
              "M#{left} #{(down * dot).round(3)}h#{wide}v#{dot.round(3)}h-#{wide}z"
            end
          end.join
        end
      end
    end
  end
end
