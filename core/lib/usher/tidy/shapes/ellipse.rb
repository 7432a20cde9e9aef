module Usher
  module Tidy
    module Shapes
      # A closed line whose inside has the moments of an ellipse: centre, axes and tilt follow from them.
      module Ellipse
        FINE = 0.018 # an error up to which it is surely round
        BIAS = 1.6 # letters are round too, but less so
        CIRCLE = 0.86 # the shorter axis against the longer, from which it is a circle

        module_function

        def fit(sketch)
          points = sketch.round or return
          area, centre, (xx, yy, xy) = moments(points)
          return if area < 1e-6 || xx + yy <= 0 # a line that crosses itself has no inside
          root = Math.sqrt(((xx - yy) / 2)**2 + xy * xy)
          a, b = 2 * Math.sqrt((xx + yy) / 2 + root), 2 * Math.sqrt([ (xx + yy) / 2 - root, 1e-9 ].max)
          return unless b > 0.12 * a && Shapes.once?(sketch, perimeter(a, b))
          tilt = Math.atan2(2 * xy, xx - yy) * 90 / Math::PI
          error = off(points, centre, a, b, tilt) / sketch.size
          Fit.new(error: error > FINE ? error * BIAS : error, **shape(centre, a, b, tilt))
        end

        def shape(centre, a, b, tilt)
          return { name: "circle", kind: "ellipse", values: Shapes.boxed(centre, a + b, a + b, 0) } if b > CIRCLE * a
          { name: "ellipse", kind: "ellipse", values: Shapes.boxed(centre, 2 * a, 2 * b, Shapes.upright(tilt)) }
        end

        # Area, centroid and central second moments of the inside, by Green's theorem.
        def moments(points)
          ox, oy = points.first
          area = sx = sy = xx = yy = xy = 0.0
          points.each_index do |index|
            ax, ay, bx, by = points[index - 1][0] - ox, points[index - 1][1] - oy, points[index][0] - ox, points[index][1] - oy
            cross = ax * by - bx * ay
            area += cross / 2
            sx += (ax + bx) * cross / 6
            sy += (ay + by) * cross / 6
            xx += (ax * ax + ax * bx + bx * bx) * cross / 12
            yy += (ay * ay + ay * by + by * by) * cross / 12
            xy += (ax * by + 2 * ax * ay + 2 * bx * by + bx * ay) * cross / 24
          end
          return [ 0 ] if area.abs < 1e-6
          cx, cy = sx / area, sy / area
          [ area.abs, [ cx + ox, cy + oy ], [ xx / area - cx * cx, yy / area - cy * cy, xy / area - cx * cy ] ]
        end

        # Root mean square distance, to first order.
        def off(points, centre, a, b, tilt)
          Math.sqrt(points.sum do |x, y|
            u, v = Geometry.rotate([ x - centre[0], y - centre[1] ], -tilt)
            slope = 2 * Math.hypot(u / (a * a), v / (b * b))
            slope.zero? ? b * b : ((u * u / (a * a) + v * v / (b * b) - 1) / slope)**2
          end / points.size)
        end

        # Ramanujan's approximation.
        def perimeter(a, b) = Math::PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)))
      end
    end
  end
end
