module Usher
  module Ink
    # A smooth line through a stroke: quadratic curves from midpoint to midpoint, each steered by
    # the point between them (the usual midpoint smoothing), and straight to the point and on where the stroke
    # turns sharply (Ink::Turns). surface/ink.js draws the same curve.
    class Curve
      # points: [[x, y, ...], ...] in page units, at least one.
      def initialize(points)
        @points = points.each_with_object([]) do |(x, y), kept|
          point = [ (x * FINE).round, (y * FINE).round ]
          kept << point unless kept.last == point
        end
      end

      # SVG path data in twentieths of a page unit. A single point becomes a line too short to see,
      # which a round cap makes a dot.
      def path
        px, py = @points[0]
        return "M#{px} #{py}h1" if @points.size == 1
        out, bending = +"M#{px} #{py}", false
        steps.each do |mx, my, cx, cy|
          out << (cx ? "#{bending ? ' ' : 'q'}#{cx - px} #{cy - py} " : "l") << "#{mx - px} #{my - py}"
          px, py, bending = mx, my, cx
        end
        out
      end

      private

      # [x, y] of straight ones, [x, y, control x, control y] of bends.
      def steps
        bends = @points.each_cons(3).flat_map do |(ax, ay), (bx, by), (cx, cy)|
          mx, my = half(bx, cx), half(by, cy)
          Turns.sharp?(bx - ax, by - ay, cx - bx, cy - by, FINE) ? [ [ bx, by ], [ mx, my ] ] : [ [ mx, my, bx, by ] ]
        end
        (ax, ay), (bx, by) = @points
        [ [ half(ax, bx), half(ay, by) ], *bends, @points.last ]
      end

      def half(a, b) = ((a + b) / 2.0).round
    end
  end
end
