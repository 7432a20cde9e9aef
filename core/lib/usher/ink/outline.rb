module Usher
  module Ink
    # A stroke whose width follows the pressure, as a shape to fill: both sides of the curve at half
    # the local width, round ends, and a disc where the pen turns sharply.
    class Outline
      SHARP = 0.3

      # The width of a pen of `width` page units at a pressure of 0 to 1; half pressure is the plain width.
      def self.breadth(width, pressure) = width * (0.4 + 1.2 * pressure)

      # points: [[x, y, pressure], ...]; width: page units at half pressure.
      def initialize(points, width)
        @samples = Curve.new(points).samples.chunk_while { |a, b| a[0, 2] == b[0, 2] }.map(&:last)
        @width = width
      end

      # SVG path data, to be filled with the nonzero rule.
      def path
        return disc(@samples.first) if @samples.size == 1
        left = @samples.each_index.map { |index| beside(index, -1) }
        right = @samples.each_index.map { |index| beside(index, 1) }
        out = +"M#{pair(left.first)}"
        left.drop(1).each { |point| out << "L#{pair(point)}" }
        out << cap(@samples.last, right.last)
        right.reverse.drop(1).each { |point| out << "L#{pair(point)}" }
        out << cap(@samples.first, left.first) << "Z"
        corners.each { |index| out << disc(@samples[index]) }
        out
      end

      private

      def radius(sample) = self.class.breadth(@width, sample[2] || 0.5) / 2

      def heading(index)
        from, to = @samples[[ index - 1, 0 ].max], @samples[[ index + 1, @samples.size - 1 ].min]
        unit(from, to)
      end

      def unit(from, to)
        dx, dy = to[0] - from[0], to[1] - from[1]
        length = Math.hypot(dx, dy)
        length.zero? ? [ 1.0, 0.0 ] : [ dx / length, dy / length ]
      end

      def beside(index, side)
        sample, (dx, dy) = @samples[index], heading(index)
        r = radius(sample) * side
        [ sample[0] - dy * r, sample[1] + dx * r ]
      end

      def corners
        (1...@samples.size - 1).select do |index|
          before, after = unit(@samples[index - 1], @samples[index]), unit(@samples[index], @samples[index + 1])
          before[0] * after[0] + before[1] * after[1] < SHARP
        end
      end

      def cap(sample, to) = "A#{r = Markup.number(radius(sample))} #{r} 0 0 1 #{pair(to)}"

      def disc(sample)
        r = radius(sample)
        n = Markup.number(r)
        "M#{pair([ sample[0] - r, sample[1] ])}a#{n} #{n} 0 1 1 #{Markup.number(2 * r)} 0a#{n} #{n} 0 1 1 #{Markup.number(-2 * r)} 0Z"
      end

      def pair(point) = "#{Markup.number(point[0])} #{Markup.number(point[1])}"
    end
  end
end
