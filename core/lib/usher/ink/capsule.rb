module Usher
  module Ink
    # A disc moved along a straight line: everything within `radius` of the segment from (cx, cy) to
    # (ex, ey), page units. It is convex, so it covers one interval of any line segment.
    class Capsule
      def initialize(cx, cy, ex, ey, radius)
        @cx, @cy, @ex, @ey, @radius = cx.to_f, cy.to_f, ex.to_f, ey.to_f, radius.to_f
        @dx, @dy, @reach = @ex - @cx, @ey - @cy, @radius * @radius
        @square = @dx * @dx + @dy * @dy
        @left, @right = [ @cx, @ex ].min - @radius, [ @cx, @ex ].max + @radius
        @top, @bottom = [ @cy, @ey ].min - @radius, [ @cy, @ey ].max + @radius
      end

      # Left, top, right and bottom of its bounding box.
      def edges = [ @left, @top, @right, @bottom ]

      def inside?(x, y)
        px, py = x - @cx, y - @cy
        along = px * @dx + py * @dy
        if along > 0
          return (px * @dy - py * @dx)**2 <= @reach * @square if along < @square
          px, py = x - @ex, y - @ey
        end
        px * px + py * py <= @reach
      end

      # Whether an upright box lies inside it.
      def around?(left, top, right, bottom) = inside?(left, top) && inside?(right, bottom) && inside?(left, bottom) && inside?(right, top)

      # The part of the segment from (ax, ay) by (dx, dy) that it covers, as shares [from, to]; nil for none.
      def covers(ax, ay, dx, dy)
        bx, by = ax + dx, ay + dy
        return if (ax < @left && bx < @left) || (ax > @right && bx > @right) || (ay < @top && by < @top) || (ay > @bottom && by > @bottom)
        found = disc(ax - @cx, ay - @cy, dx, dy)
        unless @square.zero?
          found = widen(found, disc(ax - @ex, ay - @ey, dx, dy))
          found = widen(found, band(ax - @cx, ay - @cy, dx, dy))
        end
        return unless found
        from, to = [ found[0], 0.0 ].max, [ found[1], 1.0 ].min
        [ from, to ] if from <= to
      end

      private

      # Where p + t d is within the radius of the origin.
      def disc(px, py, dx, dy)
        a = dx * dx + dy * dy
        c = px * px + py * py - @reach
        return c <= 0 ? [ 0.0, 1.0 ] : nil if a.zero?
        b = px * dx + py * dy
        root = b * b - a * c
        return if root.negative?
        root = Math.sqrt(root)
        [ (-b - root) / a, (-b + root) / a ]
      end

      # Where p + t d lies in the rectangle between both ends, as wide as the disc.
      def band(px, py, dx, dy)
        length = Math.sqrt(@square)
        ux, uy = @dx / length, @dy / length
        along = between(px * ux + py * uy, dx * ux + dy * uy, 0.0, length) or return
        beside = between(py * ux - px * uy, dy * ux - dx * uy, -@radius, @radius) or return
        from, to = [ along[0], beside[0] ].max, [ along[1], beside[1] ].min
        [ from, to ] if from <= to
      end

      # Where p + t d lies between two numbers.
      def between(p, d, low, high)
        return p >= low && p <= high ? [ -Float::INFINITY, Float::INFINITY ] : nil if d.zero?
        one, two = (low - p) / d, (high - p) / d
        one < two ? [ one, two ] : [ two, one ]
      end

      def widen(one, other)
        return one || other unless one && other
        [ [ one[0], other[0] ].min, [ one[1], other[1] ].max ]
      end
    end
  end
end
