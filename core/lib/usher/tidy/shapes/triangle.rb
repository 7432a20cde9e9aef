module Usher
  module Tidy
    module Shapes
      # Three straight sides, as they were drawn.
      module Triangle
        SHARPEST = 12 # degrees

        module_function

        def fit(sketch)
          points = sketch.round or return
          corners = sketch.sides.corners(3)
          return unless corners.each_index.all? { |index| angle(corners[index - 2], corners[index - 1], corners[index]) > SHARPEST }
          return unless sketch.corners?(corners) && Shapes.once?(sketch, Path.length([ *corners, corners.first ]))
          Fit.new(name: "triangle", kind: "polygon", values: Items::Polygon.through(level(corners)), error: Path.error(points, corners) / sketch.size)
        end

        # Turned by the little that its most level side is off.
        def level(corners)
          tilt = corners.each_index.map { |index| slope(corners[index - 1], corners[index]) }.min_by(&:abs)
          return corners if tilt.abs > UPRIGHT
          centre = [ 0, 1 ].map { |axis| corners.sum { |corner| corner[axis] } / 3 }
          corners.map { |x, y| Geometry.rotate([ x - centre[0], y - centre[1] ], -tilt).zip(centre).map(&:sum) }
        end

        # How far the way from a to b is from level or upright, in degrees.
        def slope(a, b)
          angle = Math.atan2(b[1] - a[1], b[0] - a[0]) * 180 / Math::PI
          angle - (angle / 90).round * 90
        end

        def angle(a, b, c)
          u, v = [ a[0] - b[0], a[1] - b[1] ], [ c[0] - b[0], c[1] - b[1] ]
          Math.atan2((u[0] * v[1] - u[1] * v[0]).abs, u[0] * v[0] + u[1] * v[1]) * 180 / Math::PI
        end
      end
    end
  end
end
