module Usher
  module Ink
    # A disc moved along a straight line: everything within `radius` of the segment from (cx, cy) to
    # (ex, ey), page units. It is convex, so it covers one interval of any line segment.
    class Capsule
      def initialize(cx, cy, ex, ey, radius)
        @cx, @cy, @ex, @ey, @radius = cx.to_f, cy.to_f, ex.to_f, ey.to_f, radius.to_f
        @dx, @dy, @reach = @ex - @cx, @ey - @cy, @radius * @radius
        @square = @dx * @dx + @dy * @dy
        @length = Math.sqrt(@square)
        @left, @right = [ @cx, @ex ].min - @radius, [ @cx, @ex ].max + @radius
        @top, @bottom = [ @cy, @ey ].min - @radius, [ @cy, @ey ].max + @radius
      end

      # What `covers?` found last.
      attr_reader :from, :to

      # Left, top, right and bottom of its bounding box.
      def edges = @edges ||= [ @left, @top, @right, @bottom ].freeze

      # The same of the box around several.
      def self.around(capsules)
        left, top, right, bottom = capsules[0].edges
        capsules.each do |capsule|
          west, north, east, south = capsule.edges
          left, top = west < left ? west : left, north < top ? north : top
          right, bottom = east > right ? east : right, south > bottom ? south : bottom
        end
        [ left, top, right, bottom ]
      end

      def inside?(x, y)
        px, py = x - @cx, y - @cy
        along = px * @dx + py * @dy
        if along > 0
          return (px * @dy - py * @dx)**2 <= @reach * @square if along < @square
          px, py = x - @ex, y - @ey
        end
        px * px + py * py <= @reach
      end

      # Whether its bounding box meets an upright box.
      def near?(left, top, right, bottom) = left <= @right && right >= @left && top <= @bottom && bottom >= @top

      # Whether an upright box lies inside it.
      def around?(left, top, right, bottom) = inside?(left, top) && inside?(right, bottom) && inside?(left, bottom) && inside?(right, top)

      # Whether it covers any of the segment from (ax, ay) by (dx, dy), and then which part: the shares `from` and `to`.
      # Kept here and not answered with, because a list for each of them took as long as finding out (bench/erase).
      def covers?(ax, ay, dx, dy)
        bx, by = ax + dx, ay + dy
        return false if (ax < @left && bx < @left) || (ax > @right && bx > @right) || (ay < @top && by < @top) || (ay > @bottom && by > @bottom)
        return whole if inside?(ax, ay) && inside?(bx, by)
        square = dx * dx + dy * dy
        return false if square.zero?
        @from, @to = Float::INFINITY, -Float::INFINITY
        px, py = ax - @cx, ay - @cy
        disc(px, py, dx, dy, square)
        disc(ax - @ex, ay - @ey, dx, dy, square)
        band(px, py, dx, dy) unless @square.zero?
        @from = 0.0 if @from < 0
        @to = 1.0 if @to > 1
        @from <= @to
      end

      private

      def whole
        @from, @to = 0.0, 1.0
        true
      end

      def widen(from, to)
        @from = from if from < @from
        @to = to if to > @to
      end

      # Where p + t d, endless, lies within the radius of the origin.
      def disc(px, py, dx, dy, square)
        root = @reach * square - (px * dy - py * dx)**2
        return if root < 0
        half, middle = Math.sqrt(root) / square, -(px * dx + py * dy) / square
        widen(middle - half, middle + half)
      end

      # Where p + t d, endless, lies in the rectangle between both ends, as wide as the disc.
      def band(px, py, dx, dy)
        along, beside = dx * @dx + dy * @dy, dy * @dx - dx * @dy
        at, off, wide = px * @dx + py * @dy, py * @dx - px * @dy, @radius * @length
        return if along.zero? && !at.between?(0, @square) || beside.zero? && off.abs > wide
        low, high = along.zero? ? -Float::INFINITY : -at / along, along.zero? ? Float::INFINITY : (@square - at) / along
        low, high = high, low if low > high
        near, far = beside.zero? ? low : (-wide - off) / beside, beside.zero? ? high : (wide - off) / beside
        near, far = far, near if near > far
        low, high = near > low ? near : low, far < high ? far : high
        widen(low, high) if low <= high
      end
    end
  end
end
