module Usher
  module Ink
    # What an eraser sweeps over: a disc moved along a line, which is a row of capsules. Cutting a
    # stroke leaves the stretches that the disc never covered. Loops here are plain and flat, because ten
    # thousand points may lie under one sweep (bench/erase).
    class Eraser
      MAX = 5_000
      RADII = 0.5..500
      RUN = 12 # points that are first looked at together
      CELL = 24.0 # page units; capsules are found through a grid of such cells

      # path: [[x, y], ...] in page units, at least one; radius: page units.
      def initialize(path, radius)
        @path, @radius = path, radius.to_f
        @cell = [ CELL, @radius ].max
        @grid = Hash.new { |grid, key| grid[key] = [] }
        thin = path.size == 1 ? path * 2 : thinned
        thin.each_cons(2) do |from, to|
          capsule = Capsule.new(*from, *to, @radius)
          cells(*capsule.edges) { |cell| @grid[cell] << capsule }
        end
        @grid.default = nil
      end

      # The upright box that it sweeps over.
      def bounds
        box = Geometry::Box.around(@path)
        Geometry::Box.new(box.x - @radius, box.y - @radius, box.width + 2 * @radius, box.height + 2 * @radius, 0)
      end

      # The boxes around runs of a stroke's points, for `cut`: [[first index, last index, left, top,
      # right, bottom], ...]; each run begins where the one before it ended.
      def self.runs(points)
        0.step([ points.size - 2, 0 ].max, RUN).map do |first|
          last = [ first + RUN, points.size - 1 ].min
          left = right = points[first][0]
          top = bottom = points[first][1]
          index = first
          while (index += 1) <= last
            x, y = points[index]
            x < left ? left = x : (right = x if x > right)
            y < top ? top = y : (bottom = y if y > bottom)
          end
          [ first, last, left, top, right, bottom ]
        end
      end

      # points: [[x, y, ...], ...] in page units from (left, top); runs: Eraser.runs of them. Answers with the
      # stretches that are left, [[from, to], ...], in positions along the stroke: 2.25 is a quarter of the way from
      # point 2 to point 3 (see Ink::Stretch). nil where nothing was touched.
      def cut(points, left = 0, top = 0, runs: Eraser.runs(points))
        return covers?(points[0][0] + left, points[0][1] + top) ? [] : nil if points.size == 1
        @covered, under = [], nil
        runs.each do |first, last, *box|
          box = [ box[0] + left, box[1] + top, box[2] + left, box[3] + top ]
          next if quiet?(*box)
          under = [ *under, *near(box[0], box[1], box[0], box[1]) ].find { |capsule| capsule.around?(*box) }
          under ? cover(first, last) : under = along(points, first, last, left, top)
        end
        stretches(points.size - 1) if @covered.any?
      end

      private

      # From one position to another nothing is left. They come in order.
      def cover(from, to)
        return @covered.push(from, to) if @covered.empty? || from > @covered[-1]
        @covered[-1] = to if to > @covered[-1]
      end

      # What is between the covered parts of a stroke that ends at position `last`.
      def stretches(last) = [ 0, *@covered, last ].each_slice(2).select { |from, to| from < to }

      # Point by point. Answers with the capsule that covers the last segment.
      def along(points, first, last, left, top)
        ax, ay = points[first][0] + left, points[first][1] + top
        under = nil
        while first < last
          bx, by = points[first + 1][0] + left, points[first + 1][1] + top
          if under && under.inside?(ax, ay) && under.inside?(bx, by) then cover(first, first + 1)
          else under = gaps(ax, ay, bx, by, first)
          end
          first += 1
          ax, ay = bx, by
        end
        under
      end

      # Whether no capsule comes into any of the grid's cells under a box.
      def quiet?(left, top, right, bottom)
        cells(left, top, right, bottom) { |cell| return false if @grid.key?(cell) }
        true
      end

      def covers?(x, y) = near(x, y, x, y).any? { |capsule| capsule.inside?(x, y) }

      # Leaves out points on the segment between others; a fortieth of the radius is not seen.
      def thinned
        kept = [ @path.first ]
        since = []
        @path.each_cons(2) do |place, following|
          since << place
          next if straight?(kept.last, following, since)
          kept << place
          since = []
        end
        kept << @path.last
      end

      def straight?((ax, ay), (bx, by), between)
        return false if between.size > 10
        dx, dy = bx - ax, by - ay
        square = dx * dx + dy * dy
        between.all? do |x, y|
          px, py = x - ax, y - ay
          (px * dy - py * dx)**2 <= square * (@radius / 40)**2 && (px * dx + py * dy).between?(0, square)
        end
      end

      # Covers what lies under capsules of the segment from point `first` to the next; answers with a capsule that
      # covers it all, if one does.
      def gaps(ax, ay, bx, by, first)
        dx, dy = bx - ax, by - ay
        found = []
        near(ax, ay, bx, by).each do |capsule|
          from, to = capsule.covers(ax, ay, dx, dy)
          next unless from
          return capsule.tap { cover(first, first + 1) } if from == 0 && to == 1
          found << [ from, to ]
        end
        found.sort! if found.size > 1
        found.each { |from, to| cover(first + from, first + to) }
        nil
      end

      def near(ax, ay, bx, by)
        column, row = (ax / @cell).floor, (ay / @cell).floor
        return @grid[column << 20 ^ row] || [] if (bx / @cell).floor == column && (by / @cell).floor == row
        found = []
        ax, bx = bx, ax if bx < ax
        ay, by = by, ay if by < ay
        cells(ax, ay, bx, by) { |cell| (here = @grid[cell]) && found.concat(here) }
        found.uniq
      end

      # The keys of the grid's cells in a box.
      def cells(left, top, right, bottom)
        column, last, high, low = (left / @cell).floor, (right / @cell).floor, (top / @cell).floor, (bottom / @cell).floor
        while column <= last
          row = high
          while row <= low
            yield column << 20 ^ row
            row += 1
          end
          column += 1
        end
      end
    end
  end
end
