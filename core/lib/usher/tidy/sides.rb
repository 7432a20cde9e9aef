module Usher
  module Tidy
    # The best closed polygon with a given number of sides through a closed line: the corners are
    # chosen by dynamic programming so that the sum of squared distances from the straight sides is
    # least (Perez and Vidal's optimal polygonal approximation), then each side is fitted by itself.
    class Sides
      SHORTEST = 3 # samples a side

      attr_reader :points

      # points: places evenly along a closed line.
      def initialize(points)
        @points = points
        start = sharpest
        @points = points.rotate(start)
        @costs = costs
        @corners = {}
      end

      # The corners of the best polygon with this many sides, where its fitted sides cross.
      def corners(count)
        @corners[count] ||= begin
          sides = spans(count).map { |from, to| Path.straight(inner(from, to)) }
          sides.each_index.map { |index| Path.cross(sides[index - 1], sides[index]) || @points[spans(count)[index][0]] }
        end
      end

      # The samples of each side of that polygon.
      def sides(count) = spans(count).map { |from, to| inner(from, to) }

      private

      # Without the rounding at both ends.
      def inner(from, to)
        margin = ((to - from) * 0.15).floor
        (from + margin..to - margin).map { |index| @points[index % @points.size] }
      end

      # The sample with the sharpest turn.
      def sharpest
        reach = @points.size / 16
        @points.each_index.min_by do |index|
          a, b, c = @points[index - reach], @points[index], @points[(index + reach) % @points.size]
          ((a[0] - b[0]) * (b[0] - c[0]) + (a[1] - b[1]) * (b[1] - c[1])) / (Path.distance(a, b) * Path.distance(b, c) + 1e-9)
        end
      end

      # What it costs to see the samples from i to j as one straight side.
      def costs
        around = [ *@points, @points.first ]
        sums = around.each_with_object([ [ 0.0 ] * 5 ]) { |(x, y), list| list << list.last.zip([ x, y, x * x, y * y, x * y ]).map(&:sum) }
        Array.new(around.size) do |i|
          Array.new(around.size) do |j|
            next if j < i + SHORTEST
            n = j - i + 1.0
            x, y, xx, yy, xy = sums[j + 1].zip(sums[i]).map { |to, from| to - from }
            xx, yy, xy = xx - x * x / n, yy - y * y / n, xy - x * y / n
            [ (xx + yy) / 2 - Math.sqrt(((xx - yy) / 2)**2 + xy * xy), 0 ].max
          end
        end
      end

      # [[from, to], ...] of each side, in samples.
      def spans(count)
        @spans ||= {}
        @spans[count] ||= ends(count).each_cons(2).to_a
      end

      def ends(count)
        last = @points.size
        best = [ Array.new(last + 1) { |j| @costs[0][j] } ]
        from = [ [] ]
        (1...count).each do |side|
          reached, before = best[side - 1], []
          best << Array.new(last + 1) do |j|
            i = (SHORTEST..j - SHORTEST).select { |k| reached[k] && @costs[k][j] }.min_by { |k| reached[k] + @costs[k][j] }
            before[j] = i
            i && reached[i] + @costs[i][j]
          end
          from << before
        end
        (count - 1).downto(1).each_with_object([ last ]) { |side, found| found.unshift(from[side][found.first]) }.unshift(0)
      end
    end
  end
end
