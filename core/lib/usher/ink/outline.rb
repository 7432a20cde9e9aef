module Usher
  module Ink
    # A stroke of changing width as a shape to fill: Ink::Curve offset by half the local width to either
    # side, with round ends. From one sharp turn (Ink::Turns) to the next it is a shape of its own, and both meet in
    # the disc about the point; a disc also lies where a side would fold over itself in a narrow bend. Flat lists and
    # whole numbers, because an eraser may ask for ten thousand points at once (bench/erase).
    class Outline
      FOLDS = 2.6 # (u + v)², u and v the directions before and after, up to which a bend gets a disc

      # points: [[x, y, ...], ...]; stroke_widths: one for each, in page units.
      def initialize(points, stroke_widths)
        @xs, @ys, @rs = [], [], []
        points.each_with_index do |(x, y), index|
          x, y = x * FINE, y * FINE
          next if index.positive? && (x - @xs[-1]).abs < 1 && (y - @ys[-1]).abs < 1
          @xs << x
          @ys << y
          @rs << stroke_widths[index] * FINE / 2
        end
      end

      # SVG path data in twentieths of a page unit, to be filled with the nonzero rule.
      def path
        return disc(0) if @xs.size == 1
        [ 0, *turns, @xs.size - 1 ].each_cons(2).with_object(+"") { |(first, last), out| run(first, last, out) }
      end

      private

      # The points at which the stroke turns sharply.
      def turns
        (1...@xs.size - 1).select do |index|
          x, y = @xs[index], @ys[index]
          Turns.sharp?(x - @xs[index - 1], y - @ys[index - 1], @xs[index + 1] - x, @ys[index + 1] - y, FINE)
        end
      end

      # The shape from one point to another.
      def run(first, last, out)
        left, right, folds = sides(first, last)
        out << "M#{left[0]} #{left[1]}#{bends(left)}#{cap(last, right[-1], right[-2])}"
        out << bends(right.reverse) << cap(first, left[0], left[1]) << "Z"
        folds.each { |index| out << disc(index) }
      end

      # Both sides as flat lists: the start, the first middle, then a control and a middle for each
      # point, and the end; and the points at which a side folds. The left goes x, y, x, y, the right
      # y, x, y, x, so that it can be walked backwards.
      def sides(first, last)
        left, right, folds = [], [], []
        ux = uy = vx = vy = nil
        x, y, r = @xs[first], @ys[first], @rs[first]
        index = first
        while index < last
          nx, ny, nr = @xs[index + 1], @ys[index + 1], @rs[index + 1]
          dx, dy = nx - x, ny - y
          length = Math.sqrt(dx * dx + dy * dy)
          vx, vy = dx / length, dy / length
          bend = ux ? (ux + vx)**2 + (uy + vy)**2 : 0
          folds << index if ux && (bend < FOLDS || (bend < 3.9 && r > length))
          # The control lies on both neighbouring lines moved sideways; at a narrow bend just beside.
          bend > 1 ? beside(left, right, x, y, ux + vx, uy + vy, r * 2 / bend) : beside(left, right, x, y, vx, vy, r)
          beside(left, right, (x + nx) / 2, (y + ny) / 2, vx, vy, (r + nr) / 2)
          x, y, r, ux, uy = nx, ny, nr, vx, vy
          index += 1
        end
        beside(left, right, x, y, ux, uy, r)
        [ left, right, folds ]
      end

      def beside(left, right, x, y, ux, uy, r)
        dx, dy = uy * r, ux * r
        left.push((x + dx).round, (y - dy).round)
        right.push((y + dy).round, (x - dx).round)
      end

      # Relative commands along one side, from its first point.
      def bends(flat)
        px, py = flat
        x, y = flat[2], flat[3]
        out = "l#{x - px} #{y - py}"
        relative = []
        index = 4
        last = flat.size - 2
        while index < last
          px, py, x, y = x, y, flat[index + 2], flat[index + 3]
          relative.push(flat[index] - px, flat[index + 1] - py, x - px, y - py)
          index += 4
        end
        out << "q#{relative.join(' ')}" if relative.any?
        out << "l#{flat[-2] - x} #{flat[-1] - y}"
      end

      def cap(index, x, y) = "A#{radius(index)} #{radius(index)} 0 0 1 #{x} #{y}"

      def disc(index)
        r = radius(index)
        "M#{@xs[index].round - r} #{@ys[index].round}a#{r} #{r} 0 1 1 #{2 * r} 0a#{r} #{r} 0 1 1 #{-2 * r} 0Z"
      end

      def radius(index) = [ @rs[index].round, 1 ].max
    end
  end
end
