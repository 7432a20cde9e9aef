module Usher
  module Tidy
    # Polylines through points [[x, y], ...], in page units.
    module Path
      module_function

      def distance(a, b) = Math.hypot(b[0] - a[0], b[1] - a[1])

      def length(points) = points.each_cons(2).sum { |a, b| distance(a, b) }

      # `count` points evenly spaced along the line.
      def resample(points, count)
        whole = length(points)
        return Array.new(count) { points.first } if whole.zero?
        step, passed, target, out = whole / (count - 1), 0.0, 0.0, []
        points.each_cons(2) do |a, b|
          long = distance(a, b)
          while target <= passed + long + 1e-9 && out.size < count
            share = long.zero? ? 0 : (target - passed) / long
            out << [ a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share ]
            target += step
          end
          passed += long
        end
        out << points.last while out.size < count
        out
      end

      # The straight line nearest to the points (total least squares): a point on it, its unit vector,
      # and the sum of squared distances.
      def straight(points)
        n = points.size.to_f
        mx, my = points.sum { |point| point[0] } / n, points.sum { |point| point[1] } / n
        xx = yy = xy = 0.0
        points.each { |x, y| xx += (x - mx)**2; yy += (y - my)**2; xy += (x - mx) * (y - my) }
        angle = Math.atan2(2 * xy, xx - yy) / 2
        least = (xx + yy) / 2 - Math.sqrt(((xx - yy) / 2)**2 + xy * xy)
        [ [ mx, my ], [ Math.cos(angle), Math.sin(angle) ], [ least, 0 ].max ]
      end

      # Where two lines, each a point and a unit vector, cross; nil where they run side by side.
      def cross((p, u), (q, v))
        sine = u[0] * v[1] - u[1] * v[0]
        return if sine.abs < 0.2
        t = ((q[0] - p[0]) * v[1] - (q[1] - p[1]) * v[0]) / sine
        [ p[0] + u[0] * t, p[1] + u[1] * t ]
      end

      # Corners left by leaving out what is nearer than `near` to the straight segment (Douglas-Peucker).
      def corners(points, near)
        return points if points.size < 3
        distance, index = points.each_with_index.map { |point, at| [ aside(point, points.first, points.last), at ] }.max
        return [ points.first, points.last ] if distance < near
        corners(points[0..index], near)[0...-1] + corners(points[index..], near)
      end

      # The distance of a point from the segment from a to b.
      def aside(point, a, b) = Ink::StraightEdge.distance(point, [ a, b ])

      # Root mean square of the distances from points to a closed or open line through corners, in
      # page units.
      def error(points, corners, closed: true)
        edges = (closed ? [ *corners, corners.first ] : corners).each_cons(2).reject { |a, b| a == b }
        Math.sqrt(points.sum { |point| edges.map { |a, b| aside(point, a, b) }.min**2 } / points.size)
      end

      # Twice the area inside, positive when it goes clockwise on the page.
      def area(points) = points.each_with_index.sum { |(x, y), index| points[index - 1][0] * y - x * points[index - 1][1] } / 2
    end
  end
end
