module Usher
  module Geometry
    # A path or the edge of an area as line segments, flattened so that none is further than TOLERANCE
    # from the true curve. Points are [x, y] in page units; a position on it is a share of its length,
    # from 0 to 1.
    class Polyline
      TOLERANCE = 0.03

      attr_reader :points

      # closed: whether the last point leads back to the first.
      def initialize(points, closed: false)
        @points, @closed = points, closed
        @segments = (closed ? [ *points, points.first ] : points).each_cons(2).reject { |a, b| a == b }
        @lengths = @segments.map { |(ax, ay), (bx, by)| Math.hypot(bx - ax, by - ay) }
      end

      def closed? = @closed
      def length = @length ||= @lengths.sum

      # The position (share of the length) of the point on it that is nearest to a given point.
      def nearest((x, y))
        best, least, passed = 0.0, Float::INFINITY, 0.0
        @segments.each_with_index do |((ax, ay), (bx, by)), index|
          dx, dy, long = bx - ax, by - ay, @lengths[index]
          t = (((x - ax) * dx + (y - ay) * dy) / (long * long)).clamp(0.0, 1.0)
          square = (x - ax - dx * t)**2 + (y - ay - dy * t)**2
          best, least = passed + t * long, square if square < least
          passed += long
        end
        length.zero? ? 0.0 : best / length
      end

      # The point at a position.
      def at(share)
        return @points.first if @segments.empty?
        rest = share.clamp(0, 1) * length
        index = @lengths.index { |long| rest <= long || (rest -= long).nil? } || @lengths.size - 1
        (ax, ay), (bx, by) = @segments[index]
        t = (rest / @lengths[index]).clamp(0.0, 1.0)
        [ ax + (bx - ax) * t, ay + (by - ay) * t ]
      end

      # The nearest of `count` evenly spaced stops, as a position; both ends of an open polyline are stops.
      def stop(share, count)
        steps = @closed ? count : count - 1
        return 0.0 if steps < 1
        nearest = (share * steps).round
        (@closed ? nearest % steps : nearest) / steps.to_f
      end

      # Whether a point lies inside the closed polyline (even-odd rule).
      def inside?((x, y))
        @segments.count { |(ax, ay), (bx, by)| (ay > y) != (by > y) && x < (bx - ax) * (y - ay) / (by - ay) + ax }.odd?
      end

      # Points of an ellipse about the origin with these radii: as many as keep every chord within the tolerance.
      def self.ellipse(across, down)
        widest = [ across, down, 0.1 ].max
        step = 2 * Math.acos([ 1 - TOLERANCE / widest, 0.9 ].max)
        count = (2 * Math::PI / step).ceil
        Array.new(count) { |n| [ across * Math.cos(2 * Math::PI * n / count), down * Math.sin(2 * Math::PI * n / count) ] }
      end

      # Points of a Bézier curve of any degree, without its first: uniform steps, whose number
      # follows from the largest second difference of its points (the usual bound of flattening).
      def self.bezier(points)
        degree = points.size - 1
        bend = points.each_cons(3).map { |a, b, c| Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]) }.max || 0
        count = [ Math.sqrt(degree * (degree - 1) * bend / (8 * TOLERANCE)).ceil, 1 ].max
        (1..count).map { |step| on_bezier(points, step.fdiv(count)) }
      end

      # De Casteljau's construction.
      def self.on_bezier(points, t)
        points = points.each_cons(2).map { |a, b| [ a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t ] } while points.size > 1
        points.first
      end

      # Leaves out points that the polyline passes within the tolerance (page units) anyway (Ramer, Douglas and Peucker).
      def self.simplify(points, tolerance: TOLERANCE)
        keep = Array.new(points.size, false)
        keep[0] = keep[-1] = true
        open = [ [ 0, points.size - 1 ] ]
        while (from, to = open.pop)
          index, distance = furthest(points, from, to)
          next if distance <= tolerance
          keep[index] = true
          open.push([ from, index ], [ index, to ])
        end
        points.select.with_index { |_, index| keep[index] }
      end

      def self.furthest(points, from, to)
        (ax, ay), (bx, by) = points[from], points[to]
        dx, dy = bx - ax, by - ay
        square = (dx * dx + dy * dy).to_f
        (from + 1...to).map do |index|
          x, y = points[index]
          t = square.zero? ? 0 : (((x - ax) * dx + (y - ay) * dy) / square).clamp(0, 1)
          [ index, Math.hypot(x - ax - dx * t, y - ay - dy * t) ]
        end.max_by(&:last) || [ from, 0 ]
      end
      private_class_method :furthest
    end
  end
end
