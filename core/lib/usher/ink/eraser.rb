module Usher
  module Ink
    # What an eraser sweeps over: a disc moved along a line, which is a row of capsules. Cutting a
    # stroke leaves the pieces that the disc never covered. Loops here are plain and flat, because ten
    # thousand points may lie under one sweep (bench/erase).
    class Eraser
      MAX = 5_000
      RADII = 0.5..500
      RUN = 12 # points that are first looked at together
      CELL = 40.0 # page units; capsules are found through a grid of such cells

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

      # points: [[x, y, pressure, ms], ...] in page units from (left, top); runs: Eraser.runs of them.
      # Answers with the pieces left, in the order they were drawn, pressure and time at the cuts in
      # between; nil where nothing was touched.
      def cut(points, left = 0, top = 0, runs: Eraser.runs(points))
        return covers?(points[0][0] + left, points[0][1] + top) ? [] : nil if points.size == 1
        @pieces, @piece, @touched, @under = [], [], false, nil
        runs.each do |first, last, *box|
          box = [ box[0] + left, box[1] + top, box[2] + left, box[3] + top ]
          if quiet?(*box) then pass(points, first, last)
          elsif (@under = [ *@under, *near(box[0], box[1], box[0], box[1]) ].find { |capsule| capsule.around?(*box) }) then drop
          else along(points, first, last, left, top)
          end
        end
        @touched ? @pieces.push(@piece).reject { |one| one.size < 2 } : nil
      end

      private

      # Nothing is covered from one point to another.
      def pass(points, first, last)
        @piece.empty? ? @piece.concat(points[first..last]) : @piece.concat(points[first + 1..last])
      end

      # Everything is covered.
      def drop
        @pieces << @piece if @piece.any?
        @piece, @touched = [], true
      end

      # Point by point.
      def along(points, first, last, left, top)
        a = points[first]
        ax, ay = a[0] + left, a[1] + top
        under = @under
        points[first + 1..last].each do |b|
          bx, by = b[0] + left, b[1] + top
          if under && under.inside?(ax, ay) && under.inside?(bx, by) then drop
          else
            gaps, under = gaps(ax, ay, bx, by)
            @touched ||= gaps
            @piece = leave(a, b, gaps || [], @piece, @pieces)
          end
          a, ax, ay = b, bx, by
        end
        @under = under
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

      # The segment from a to b goes through gaps: closes the piece that ends at the first, adds those
      # between two, and answers with the one that goes on after the last.
      def leave(a, b, gaps, piece, pieces)
        at = 0.0
        gaps.each do |from, to|
          piece << mix(a, b, at) if piece.empty?
          piece << mix(a, b, from) if from > at
          pieces << piece
          piece, at = [], to
        end
        return [] if at == 1
        piece << mix(a, b, at) if piece.empty?
        piece << b
      end

      # The parts of the segment that are covered, as sorted shares [[from, to], ...], and the capsule that
      # covers it all if one does; nil for none.
      def gaps(ax, ay, bx, by)
        dx, dy = bx - ax, by - ay
        found = near(ax, ay, bx, by).filter_map do |capsule|
          from, to = capsule.covers(ax, ay, dx, dy)
          return [ [ [ 0.0, 1.0 ] ], capsule ] if from == 0 && to == 1
          [ from, to ] if from
        end
        return if found.empty?
        return [ found, nil ] if found.size == 1
        merged = found.sort.each_with_object([]) do |(from, to), all|
          all.any? && from <= all[-1][1] ? all[-1][1] = [ all[-1][1], to ].max : all << [ from, to ]
        end
        [ merged, nil ]
      end

      def near(ax, ay, bx, by)
        column, row = (ax / @cell).floor, (ay / @cell).floor
        return @grid[column << 20 ^ row] || [] if (bx / @cell).floor == column && (by / @cell).floor == row
        found = []
        ax, bx = bx, ax if bx < ax
        ay, by = by, ay if by < ay
        cells(ax, ay, bx, by) { |cell| found.concat(@grid[cell]) if @grid.key?(cell) }
        found.uniq
      end

      # The keys of the grid's cells in a box.
      def cells(left, top, right, bottom)
        down = (top / @cell).floor..(bottom / @cell).floor
        ((left / @cell).floor..(right / @cell).floor).each { |column| down.each { |row| yield column << 20 ^ row } }
      end

      def mix(a, b, share)
        return a if share.zero?
        return b if share == 1
        pressure = a[2] && b[2] ? (a[2] + (b[2] - a[2]) * share).round(2) : a[2]
        ms = a[3] && b[3] ? (a[3] + (b[3] - a[3]) * share).round : a[3]
        [ (a[0] + (b[0] - a[0]) * share).round(2), (a[1] + (b[1] - a[1]) * share).round(2), pressure, ms ]
      end
    end
  end
end
