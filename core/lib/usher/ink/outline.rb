module Usher
  module Ink
    # A stroke of changing width as a shape to fill: Ink::Curve offset by half the local width to either
    # side, with round ends. From one sharp turn (Ink::Turns) to the next it is a shape of its own (Ink::Run), and both
    # meet in the disc about the point. SVG path data in twentieths of a page unit, to be filled with the nonzero rule.
    # Flat lists and whole numbers, because an eraser may ask for ten thousand points at once (bench/erase).
    class Outline
      attr_reader :xs, :ys, :rs # twentieths of a page unit; rs: half the width

      # points: [[x, y, ...], ...]; stroke_widths: one for each, in page units.
      def initialize(points, stroke_widths)
        @xs, @ys, @rs, @numbers = [], [], [], []
        index, px, py = 0, nil, nil
        while index < points.size
          x, y = points[index]
          x, y = x * FINE, y * FINE
          keep(px = x, py = y, stroke_widths[index] * FINE / 2, index) unless px && (x - px).abs < 1 && (y - py).abs < 1
          index += 1
        end
      end

      def path = @xs.size == 1 ? disc(0) : runs.map(&:path).join

      # The stretch between two positions along the points (see Ink::Points), as it looks from (left, top), page
      # units. At its ends it is as wide as the whole is there.
      def stretch(from, to, left, top)
        from, to, left, top = position(from), position(to), (left * FINE).round, (top * FINE).round
        return disc(from.floor, left, top) if from == to
        runs.filter_map { |run| run.stretch(from, to, left, top) }.join
      end

      # A disc about a point, from (left, top).
      def disc(index, left = 0, top = 0)
        r = Outline.radius(@rs[index])
        "M#{@xs[index].round - left - r} #{@ys[index].round - top}a#{r} #{r} 0 1 1 #{2 * r} 0a#{r} #{r} 0 1 1 #{-2 * r} 0Z"
      end

      def self.radius(r) = r < 1 ? 1 : r.round

      private

      # Points that lie on the one before are left out; `numbers` says which are here.
      def keep(x, y, r, number)
        @xs << x
        @ys << y
        @rs << r
        @numbers << number
      end

      def runs = @runs ||= [ 0, *turns, @xs.size - 1 ].each_cons(2).map { |first, last| Run.new(self, first, last) }

      # The points at which the stroke turns sharply.
      def turns
        found, index, last = [], 1, @xs.size - 1
        ax, ay = @xs[1] - @xs[0], @ys[1] - @ys[0]
        while index < last
          bx, by = @xs[index + 1] - @xs[index], @ys[index + 1] - @ys[index]
          found << index if Turns.sharp?(ax, ay, bx, by, FINE)
          ax, ay = bx, by
          index += 1
        end
        found
      end

      # A position along the points that came as one along those that are here.
      def position(given)
        return given if @numbers.last == @numbers.size - 1
        index = (@numbers.bsearch_index { |number| number > given } || @numbers.size) - 1
        return index if index == @numbers.size - 1
        index + (given - @numbers[index]) / (@numbers[index + 1] - @numbers[index]).to_f
      end
    end
  end
end
