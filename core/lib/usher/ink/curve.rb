module Usher
  module Ink
    # A smooth line through a stroke: quadratic curves from midpoint to midpoint, each steered by
    # the point between them (the usual midpoint smoothing). surface/ink.js draws the same curve.
    class Curve
      # points: [[x, y, ...], ...] in page units, at least one.
      def initialize(points)
        @points = points
      end

      # SVG path data in twentieths of a page unit. A single point becomes a line too short to see,
      # which a round cap makes a dot.
      def path
        x, y = fine(@points[0])
        return "M#{x} #{y}h1" if @points.size == 1
        steps, px, py = bends(x, y)
        lx, ly = fine(@points.last)
        "M#{x} #{y}l#{steps.shift(2).join(' ')}#{"q#{steps.join(' ')}" if steps.any?}l#{lx - px} #{ly - py}"
      end

      private

      def fine(point) = [ (point[0] * FINE).round, (point[1] * FINE).round ]

      # The relative steps to the first midpoint and through all others, and where they end.
      def bends(px, py)
        steps, cx, cy = [], px, py
        @points.each_cons(2).with_index do |(a, b), index|
          mx, my = ((a[0] + b[0]) * FINE / 2).round, ((a[1] + b[1]) * FINE / 2).round
          steps.push(cx - px, cy - py) unless index.zero?
          steps.push(mx - px, my - py)
          px, py = mx, my
          cx, cy = fine(b)
        end
        [ steps, px, py ]
      end
    end
  end
end
