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

      # Left, top, right and bottom of its bounding box.
      def edges = @edges ||= [ @left, @top, @right, @bottom ].freeze

      # The same of the box around several.
      def self.around(capsules)
        return capsules[0].edges if capsules.size == 1
        left, top, right, bottom = capsules.map(&:edges).transpose
        [ left.min, top.min, right.max, bottom.max ]
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

      # The part of the segment from (ax, ay) by (dx, dy) that it covers, as shares [from, to]; nil for none.
      def covers(ax, ay, dx, dy)
        bx, by = ax + dx, ay + dy
        return if (ax < @left && bx < @left) || (ax > @right && bx > @right) || (ay < @top && by < @top) || (ay > @bottom && by > @bottom)
        return [ 0.0, 1.0 ] if inside?(ax, ay) && inside?(bx, by)
        square = dx * dx + dy * dy
        return if square.zero?
        from, to = meets(ax, ay, dx, dy, square)
        from = 0.0 if from.negative?
        to = 1.0 if to > 1
        [ from, to ] if from <= to
      end

      private

      # Where a + t d, endless, is in it: [from, to]; from is greater for nowhere.
      def meets(ax, ay, dx, dy, square)
        px, py, qx, qy = ax - @cx, ay - @cy, ax - @ex, ay - @ey
        from, to = Float::INFINITY, -Float::INFINITY
        if (half = half(px, py, dx, dy, square))
          middle = -(px * dx + py * dy) / square
          from, to = middle - half, middle + half
        end
        return [ from, to ] if @square.zero?
        if (half = half(qx, qy, dx, dy, square))
          middle = -(qx * dx + qy * dy) / square
          from = middle - half if middle - half < from
          to = middle + half if middle + half > to
        end
        low, high = band(px, py, dx, dy)
        low && low <= high ? [ low < from ? low : from, high > to ? high : to ] : [ from, to ]
      end

      # Half of what lies within the radius of the origin of the line through p along d, as a share of d; nil for none.
      def half(px, py, dx, dy, square)
        root = @reach * square - (px * dy - py * dx)**2
        Math.sqrt(root) / square unless root.negative?
      end

      # Where p + t d lies in the rectangle between both ends, as wide as the disc: [from, to], nil for nowhere.
      def band(px, py, dx, dy)
        along, beside = dx * @dx + dy * @dy, dy * @dx - dx * @dy
        at, off, wide = px * @dx + py * @dy, py * @dx - px * @dy, @radius * @length
        return if along.zero? && !at.between?(0, @square) || beside.zero? && off.abs > wide
        low, high = along.zero? ? [ -Float::INFINITY, Float::INFINITY ] : ends(-at / along, (@square - at) / along)
        return [ low, high ] if beside.zero?
        near, far = ends((-wide - off) / beside, (wide - off) / beside)
        [ near > low ? near : low, far < high ? far : high ]
      end

      def ends(one, other) = one < other ? [ one, other ] : [ other, one ]
    end
  end
end
