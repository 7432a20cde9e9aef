module Usher
  module Items
    # Heads at the ends of lines: as long as so many widths of the line, and half as wide to either side. Those of a thin
    # line are as long as can be seen.
    module Heads
      HEAD = 4.5
      LEAST = 12 # page units

      private

      # A head with its tip at `tip`, coming from `from` ([x, y] in the item's own units), as SVG, and where the line
      # under it ends.
      def head(from, tip)
        corners = head_corners(from, tip)
        base = corners.drop(1).transpose.map { |values| values.sum / 2 }
        [ Markup.tag("polygon", points: corners.map { |point| point.map { |n| Markup.number(n) }.join(",") }.join(" "),
          fill: stroke, stroke: stroke, "stroke-width": stroke_width / 2.0, "stroke-linejoin": "round"), base ]
      end

      # Its tip and the two corners of its foot.
      def head_corners(from, tip)
        dx, dy = direction(from, tip)
        long = [ head_length, Math.hypot(tip[0] - from[0], tip[1] - from[1]) ].min
        base = [ tip[0] - dx * long, tip[1] - dy * long ]
        half = long / 2
        [ tip, [ base[0] - dy * half, base[1] + dx * half ], [ base[0] + dy * half, base[1] - dx * half ] ]
      end

      def head_length = [ stroke_width * HEAD, LEAST ].max

      def direction(from, to)
        length = Math.hypot(to[0] - from[0], to[1] - from[1])
        length.zero? ? [ 1.0, 0.0 ] : [ (to[0] - from[0]) / length, (to[1] - from[1]) / length ]
      end
    end
  end
end
