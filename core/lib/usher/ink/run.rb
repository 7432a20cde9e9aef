module Usher
  module Ink
    # A stroke from one sharp turn to the next (see Outline): a left and a right side (Ink::Side), round ends, and
    # discs where a side would fold over itself in a narrow bend.
    class Run
      FOLDS = 2.6 # (u + v)², u and v the directions before and after, up to which a bend gets a disc

      # From one point of an Outline to another.
      def initialize(outline, first, last)
        @outline, @first, @last = outline, first, last
        @xs, @ys, @rs = outline.xs, outline.ys, outline.rs
      end

      def path(left = 0, top = 0)
        draw
        shape(@left[0, 2] + @left[-2, 2] + @right[0, 2] + @right[-2, 2], left, top, @rs[@first], @rs[@last], @left_side.path, @right_side.path, @folds)
      end

      # What of it lies between two positions, from (left, top); nil for nothing.
      def stretch(from, to, left, top)
        return if to <= @first || from >= @last
        return path(left, top) if from <= @first && to >= @last
        from, to = [ from, @first ].max, [ to, @last ].min
        a, b = from.floor + 1, to.ceil - 1
        b - a < 1 ? short(from, to, a, b, left, top) : part(end_at(from, a), end_at(to, b), a, b, left, top)
      end

      private

      # Both sides as flat lists: the start, the first middle, then a control and a middle for each
      # point, and the end; and the points at which a side folds. The left goes x, y, x, y, the right
      # y, x, y, x, so that it can be walked backwards.
      def draw
        return if @left
        @left, @right, @folds = [], [], []
        ux = uy = vx = vy = nil
        x, y, r = @xs[@first], @ys[@first], @rs[@first]
        index = @first
        while index < @last
          nx, ny, nr = @xs[index + 1], @ys[index + 1], @rs[index + 1]
          dx, dy = nx - x, ny - y
          length = Math.sqrt(dx * dx + dy * dy)
          vx, vy = dx / length, dy / length
          bend = ux ? (ux + vx)**2 + (uy + vy)**2 : 0
          @folds << index if ux && (bend < FOLDS || (bend < 3.9 && r > length))
          # The control lies on both neighbouring lines moved sideways; at a narrow bend just beside.
          bend > 1 ? beside(x, y, ux + vx, uy + vy, r * 2 / bend) : beside(x, y, vx, vy, r)
          beside((x + nx) / 2, (y + ny) / 2, vx, vy, (r + nr) / 2)
          x, y, r, ux, uy = nx, ny, nr, vx, vy
          index += 1
        end
        beside(x, y, ux, uy, r)
        @right.reverse!
        @left_side, @right_side = Side.new(@left), Side.new(@right)
      end

      def beside(x, y, ux, uy, r)
        dx, dy = uy * r, ux * r
        @left.push((x + dx).round, (y - dy).round)
        @right.push((y + dy).round, (x - dx).round)
      end

      # The closed shape about two sides: x and y of the first side's ends and of the other's; half the width where
      # it starts and finishes.
      def shape((ax, ay, bx, by, cx, cy, dx, dy), left, top, start, finish, there, back, folds)
        start, finish = Outline.radius(start), Outline.radius(finish)
        out = format("M%d %d%sa%d %d 0 0 1 %d %d%sa%d %d 0 0 1 %d %dZ", ax - left, ay - top, there, finish, finish, cx - bx, cy - by, back, start, start, ax - dx, ay - dy)
        folds.each { |index| out << @outline.disc(index, left, top) }
        out
      end

      # Where it ends at a position next to the bend at `index`: x, y and half the width there, and the same in the
      # middle of the way to that bend.
      def end_at(position, index)
        share, before = position % 1, position.floor
        x, y, r = @xs[before], @ys[before], @rs[before]
        x, y, r = x + (@xs[before + 1] - x) * share, y + (@ys[before + 1] - y) * share, r + (@rs[before + 1] - r) * share unless share.zero?
        [ x, y, r, (x + @xs[index]) / 2, (y + @ys[index]) / 2, (r + @rs[index]) / 2 ]
      end

      # Between two ends, about the bends a to b.
      def part(start, finish, a, b, left, top)
        draw
        ax, ay, amx, amy, dx, dy, dmx, dmy = offsets(start, 1, a)
        bx, by, bmx, bmy, cx, cy, cmx, cmy = offsets(finish, -1, b)
        from, to, last = a - @first - 1, b - @first - 1, @last - @first - 2
        there = @left_side.part(from, to, ax, ay, amx, amy, bmx, bmy, bx, by)
        back = @right_side.part(last - to, last - from, cx, cy, cmx, cmy, dmx, dmy, dx, dy)
        folds = @folds.empty? ? @folds : @folds.select { |index| index.between?(a, b) }
        shape([ ax, ay, bx, by, cx, cy, dx, dy ], left, top, start[2], finish[2], there, back, folds)
      end

      # Both sides of an end and of the middle next to it: x and y of left end, left middle, right end, right middle.
      # ahead: 1 where the stroke goes from the end to the bend at `index`, -1 where it comes from there.
      def offsets((x, y, r, mx, my, mr), ahead, index)
        dx, dy = (@xs[index] - x) * ahead, (@ys[index] - y) * ahead
        length = Math.sqrt(dx * dx + dy * dy)
        ux, uy = length.zero? ? [ 1.0, 0.0 ] : [ dx / length, dy / length ]
        dx, dy, dmx, dmy = uy * r, ux * r, uy * mr, ux * mr
        [ (x + dx).round, (y - dy).round, (mx + dmx).round, (my - dmy).round, (x - dx).round, (y + dy).round, (mx - dmx).round, (my + dmy).round ]
      end

      # A stretch with one bend or none.
      def short(from, to, a, b, left, top)
        ends = [ from, to ].map { |position| end_at(position, position.floor)[0, 3] }
        spots = [ ends[0], *(a..b).map { |index| [ @xs[index], @ys[index], @rs[index] ] }, ends[1] ]
        Outline.new(spots.map { |x, y| [ (x - left) / FINE.to_f, (y - top) / FINE.to_f ] }, spots.map { |spot| spot[2] * 2.0 / FINE }).path
      end
    end
  end
end
