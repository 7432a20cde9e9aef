module Usher
  module Ink
    # What an eraser sweeps over: a disc moved along a line, which is a row of capsules. Cutting a
    # stroke leaves the stretches that the disc never covered. Loops here are plain and flat, because ten
    # thousand points may lie under one sweep (bench/erase).
    class Eraser
      MAX = 5_000
      RADII = 0.5..500
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
        @left, @top, @right, @bottom = bounds.then { |box| [ box.x, box.y, box.x + box.width, box.y + box.height ] }
      end

      # The upright box that it sweeps over.
      def bounds
        box = Geometry::Box.around(@path)
        Geometry::Box.new(box.x - @radius, box.y - @radius, box.width + 2 * @radius, box.height + 2 * @radius, 0)
      end

      # points: the Ink::Points of a stroke, in page units from (left, top). Answers with the stretches that are left,
      # [[from, to], ...], in positions along them; nil where nothing was touched.
      def cut(points, left = 0, top = 0)
        return covers?(points[0][0] + left, points[0][1] + top) ? [] : nil if points.size == 1
        @covered = []
        points.runs.each do |first, last, west, north, east, south|
          west, north, east, south = west + left, north + top, east + left, south + top
          next if west > @right || east < @left || north > @bottom || south < @top
          near = near(west, north, east, south)
          next if near.empty?
          near.any? { |capsule| capsule.around?(west, north, east, south) } ? cover(first, last) : along(points, first, last, left, top, near)
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

      # Point by point, with the capsules that may cover any of these segments.
      def along(points, first, last, left, top, near)
        west, north, east, south = Capsule.around(near)
        ax, ay = points[first]
        ax, ay = ax + left, ay + top
        while first < last
          bx, by = points[first + 1]
          bx, by = bx + left, by + top
          gaps(ax, ay, bx, by, first, near) unless (ax < west && bx < west) || (ax > east && bx > east) || (ay < north && by < north) || (ay > south && by > south)
          first += 1
          ax, ay = bx, by
        end
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

      # Covers what lies under these capsules of the segment from point `first` to the next.
      def gaps(ax, ay, bx, by, first, near)
        dx, dy = bx - ax, by - ay
        found = nil
        near.each do |capsule|
          next unless capsule.covers?(ax, ay, dx, dy)
          return cover(first, first + 1) if capsule.from == 0 && capsule.to == 1
          (found ||= []) << [ capsule.from, capsule.to ]
        end
        found&.sort!&.each { |from, to| cover(first + from, first + to) }
      end

      # The capsules whose bounding box meets this one.
      def near(left, top, right, bottom)
        found = []
        column, last, high, low = (left / @cell).floor, (right / @cell).floor, (top / @cell).floor, (bottom / @cell).floor
        while column <= last
          row = high
          while row <= low
            @grid[column << 20 ^ row]&.each { |capsule| found << capsule if capsule.near?(left, top, right, bottom) && !found.include?(capsule) }
            row += 1
          end
          column += 1
        end
        found
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
