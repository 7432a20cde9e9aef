module Usher
  module Ink
    # A smooth line through a stroke: quadratic curves from midpoint to midpoint, each steered by
    # the point between them (the usual midpoint smoothing). wet_ink.js draws the same curve.
    class Curve
      # points: [[x, y, pressure], ...] in page units, at least one.
      def initialize(points)
        @points = points
      end

      # SVG path data. A single point becomes a line too short to see, which a round cap makes a dot.
      def path
        first = @points.first
        return "M#{pair(first)}h.01" if @points.size == 1
        out = +"M#{pair(first)}"
        middles.each_with_index do |middle, index|
          out << (index.zero? ? "L#{pair(middle)}" : "Q#{pair(@points[index])} #{pair(middle)}")
        end
        out << "L#{pair(@points.last)}"
      end

      # The same line as points close enough to offset from: [[x, y, pressure], ...].
      def samples(steps = 4)
        return @points if @points.size < 3
        inner = middles.each_cons(2).with_index(1).flat_map do |(from, to), index|
          (1..steps).map { |step| bend(from, @points[index], to, step.fdiv(steps)) }
        end
        [ @points.first, middles.first, *inner, @points.last ]
      end

      private

      def middles
        @middles ||= @points.each_cons(2).map { |a, b| [ (a[0] + b[0]) / 2.0, (a[1] + b[1]) / 2.0, (a[2] && b[2] ? (a[2] + b[2]) / 2.0 : nil) ] }
      end

      def bend(from, over, to, t)
        [ 0, 1, 2 ].map { |axis| from[axis] && (1 - t)**2 * from[axis] + 2 * t * (1 - t) * (over[axis] || 0) + t**2 * to[axis] }
      end

      def pair(point) = "#{Markup.number(point[0])} #{Markup.number(point[1])}"
    end
  end
end
