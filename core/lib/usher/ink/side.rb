module Usher
  module Ink
    # One side of a stroke (see Outline) as path data: straight from the end to the first middle, a bend about each
    # control to the next middle, and straight to the other end. The data of all bends is one string, so that a
    # stretch of the side, of which an eraser may ask for thousands, is mostly a part of that string.
    class Side
      # flat: x and y of the end, the first middle, control and middle of each bend, and the other end; whole numbers.
      def initialize(flat)
        @flat = flat
        @bends, @ends = bends # ends: where in the string the data of each bend begins
      end

      def path = "l#{@flat[2] - @flat[0]} #{@flat[3] - @flat[1]}#{"q#{@bends}" unless @bends.empty?}l#{@flat[-2] - @flat[-4]} #{@flat[-1] - @flat[-3]}"

      # The part with the bends `first` to `last` (at least two) between other ends: x and y of the end and the first
      # middle, and of the last middle and the end.
      def part(first, last, x, y, mx, my, lx, ly, ex, ey)
        ax, ay, bx, by = @flat[4 * first + 4, 4]
        cx, cy, dx, dy = @flat[4 * last + 2, 4]
        between = @bends.byteslice(@ends[first + 1], @ends[last] - @ends[first + 1])
        format("l%d %dq%d %d %d %d %s%d %d %d %dl%d %d", mx - x, my - y, ax - mx, ay - my, bx - mx, by - my, between, dx - cx, dy - cy, lx - cx, ly - cy, ex - lx, ey - ly)
      end

      private

      def bends
        out, ends = +"", [ 0 ]
        index, last, x, y = 4, @flat.size - 2, @flat[2], @flat[3]
        while index < last
          tx, ty = @flat[index + 2], @flat[index + 3]
          out << "#{@flat[index] - x} #{@flat[index + 1] - y} #{tx - x} #{ty - y} "
          ends << out.bytesize
          x, y = tx, ty
          index += 4
        end
        [ out, ends ]
      end
    end
  end
end
