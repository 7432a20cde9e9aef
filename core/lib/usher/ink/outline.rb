module Usher
  module Ink
    # A stroke of changing width as a shape to fill: Ink::Curve offset by half the local width to either
    # side, round ends, and a disc where the pen turns sharply. Flat lists and whole numbers,
    # because an eraser may ask for ten thousand points at once (bench/erase).
    class Outline
      SHARP = 0.3 # cosine of the angle from which a corner gets a disc

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
        left, right, corners = sides
        out = +"M#{left[0]} #{left[1]}#{bends(left)}#{cap(-1, right[-1], right[-2])}"
        out << bends(right.reverse) << cap(0, left[0], left[1]) << "Z"
        corners.each { |index| out << disc(index) }
        out
      end

      private

      # Both sides as flat lists: the start, the first middle, then a control and a middle for each
      # point, and the end; and the points that need a corner. The left goes x, y, x, y, the right
      # y, x, y, x, so that it can be walked backwards.
      def sides
        left, right, corners = [], [], []
        ux = uy = vx = vy = nil
        x, y, r = @xs[0], @ys[0], @rs[0]
        last = @xs.size - 1
        index = 0
        while index < last
          nx, ny, nr = @xs[index + 1], @ys[index + 1], @rs[index + 1]
          dx, dy = nx - x, ny - y
          length = Math.sqrt(dx * dx + dy * dy)
          vx, vy = dx / length, dy / length
          bend = ux ? (ux + vx)**2 + (uy + vy)**2 : 0
          corners << index if ux && bend < 2 + 2 * SHARP
          # The control lies on both neighbouring lines moved sideways; at a sharp turn just beside.
          bend > 1 ? beside(left, right, x, y, ux + vx, uy + vy, r * 2 / bend) : beside(left, right, x, y, vx, vy, r)
          beside(left, right, (x + nx) / 2, (y + ny) / 2, vx, vy, (r + nr) / 2)
          x, y, r, ux, uy = nx, ny, nr, vx, vy
          index += 1
        end
        beside(left, right, x, y, ux, uy, r)
        [ left, right, corners ]
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
