module Usher
  module Tidy
    # What was drawn, measured once for all shapes.
    class Sketch
      TINY = 10 # page units across
      SAMPLES = 96
      OPEN = 0.15 # of the way round may be missing
      TAILS = 0.11 # of the way may lie beyond where the ends meet

      BLUNT = 0.07 # of the size a corner may be rounded off

      attr_reader :strokes

      def initialize(strokes)
        @strokes = strokes.map { |stroke| stroke.map { |x, y| [ x.to_f, y.to_f ] }.chunk_while { |a, b| a == b }.map(&:first) }
      end

      # From corner to corner of the box around it, in page units.
      def size = @size ||= box.then { |box| Math.hypot(box.width, box.height) }

      def box = @box ||= Geometry::Box.around(strokes.flatten(1))

      def tiny? = size < TINY

      # Places evenly along the closed line that the strokes make; nil where they make none.
      def round
        return @round if defined?(@round)
        @round = close
      end

      # The best polygons through it; only where it is closed.
      def sides = @sides ||= Sides.new(round)

      # Whether the line comes near all of these corners: a bow instead of a corner is another shape.
      def corners?(corners) = corners.all? { |corner| round.any? { |point| Path.distance(point, corner) < BLUNT * size } }

      # How long the strokes are, shaking left out.
      def length = @length ||= strokes.sum { |stroke| Path.length(calm(stroke)) }

      # A stroke with its shaking smoothed away.
      def calm(stroke)
        count = [ stroke.size, SAMPLES ].min
        return stroke if count < 8
        even = Path.resample(stroke, count)
        even.each_index.map do |index|
          near = even[[ index - 2, 0 ].max..index + 2]
          near = even[[ index - (count - 1 - index), 0 ].max..] if index > count - 3
          near = even[0..2 * index] if index < 2
          [ near.sum { |x, _| x } / near.size, near.sum { |_, y| y } / near.size ]
        end
      end

      private

      def close
        chain = strokes.size == 1 ? strokes.first : chained
        return unless chain && chain.size > 5
        trimmed = trim(Path.resample(chain, SAMPLES * 2))
        return unless trimmed
        Path.resample([ *trimmed, trimmed.first ], SAMPLES + 1)[0...-1]
      end

      # Strokes put end to end, each where the one before it ended; nil where one begins elsewhere.
      def chained
        return if strokes.size > 12
        rest = strokes.dup
        chain = rest.delete_at(rest.each_index.max_by { |index| Path.length(rest[index]) })
        until rest.empty?
          stroke, gap = rest.flat_map { |one| [ one, one.reverse ] }.map { |one| [ one, Path.distance(chain.last, one.first) ] }.min_by(&:last)
          return if gap > 0.16 * size
          rest.delete_if { |one| one.equal?(stroke) || one == stroke.reverse }
          chain = meet(chain, stroke)
        end
        chain
      end

      # Two strokes joined where they cross or come nearest, their overshoots left out.
      def meet(chain, stroke)
        tail = (chain.size * 0.25).ceil.clamp(1, chain.size)
        head = (stroke.size * 0.25).ceil.clamp(1, stroke.size)
        i, j = (chain.size - tail...chain.size).to_a.product((0...head).to_a).min_by { |a, b| Path.distance(chain[a], stroke[b]) + 1e-6 * (chain.size - a + b) }
        chain[0..i] + stroke[j..]
      end

      # Cuts what lies beyond where the two ends meet; nil where they do not.
      def trim(points)
        part = (points.size * TAILS).floor
        pairs = (0...part).to_a.product((points.size - part...points.size).to_a)
        i, j = pairs.min_by { |a, b| Path.distance(points[a], points[b]) + size * 0.12 * (a + points.size - 1 - b) / points.size }
        gap = Path.distance(points[i], points[j])
        return if gap > OPEN * Path.length(points) || i + points.size - 1 - j > part
        points[i..j]
      end
    end
  end
end
