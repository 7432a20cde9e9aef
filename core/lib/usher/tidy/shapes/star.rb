module Usher
  module Tidy
    module Shapes
      # A star: corners far and near in turn, or five lines that cross (a pentagram).
      module Star
        TIPS = (4..8).freeze
        CROSSED = 0.382 # how deep a pentagram is

        module_function

        def fit(sketch)
          points = sketch.round or return
          crossed(sketch, points) || outlined(sketch, points)
        end

        # Twice round its centre in five straight lines.
        def crossed(sketch, points)
          centre = [ 0, 1 ].map { |axis| points.sum { |point| point[axis] } / points.size }
          return unless winding(points, centre).abs.round == 2
          corners = sketch.sides.corners(5)
          sorted = corners.sort_by { |x, y| Math.atan2(y - centre[1], x - centre[0]) }
          _, radius, tilt = polar(sorted, 5)
          centre = [ 0, 1 ].map { |axis| sorted.sum { |point| point[axis] } / 5 }
          exact = Array.new(5) { |index| Geometry.rotate([ radius, 0 ], tilt + index * 144).zip(centre).map(&:sum) }
          error = Path.error(points, exact) / sketch.size
          Fit.new(name: "star", kind: "star", values: values(centre, radius, 5, CROSSED, tilt + 90), error: error)
        end

        def outlined(sketch, points)
          TIPS.filter_map { |tips| with(sketch, points, tips) }.min_by(&:error)
        end

        def with(sketch, points, tips)
          corners = sketch.sides.corners(2 * tips)
          centre = [ 0, 1 ].map { |axis| corners.sum { |corner| corner[axis] } / corners.size }
          far, near = corners.partition.with_index { |_, index| index.even? }
          far, near = near, far if reach(far, centre) < reach(near, centre)
          return unless reach(far, centre) * 0.8 > reach(near, centre) && corners.flatten.all?(&:finite?)
          clockwise = Path.area(corners).positive?
          far, near = far.reverse, near.reverse unless clockwise
          _, radius, tilt = polar(far, tips)
          _, inner, inner_tilt = polar(near, tips)
          off = (inner_tilt - tilt - 180.0 / tips) % (360.0 / tips)
          tilt += (off > 180.0 / tips ? off - 360.0 / tips : off) / 2
          exact = Array.new(2 * tips) { |index| Geometry.rotate([ index.even? ? radius : inner, 0 ], tilt + index * 180.0 / tips).zip(centre).map(&:sum) }
          return unless Shapes.once?(sketch, Path.length([ *exact, exact.first ]))
          error = 1.05 * Path.error(points, exact) / sketch.size
          Fit.new(name: "star", kind: "star", values: values(centre, radius, tips, inner / radius, tilt + 90), error: error)
        end

        # How often the line goes round a place.
        def winding(points, centre)
          points.each_index.sum do |index|
            a, b = [ points[index - 1], points[index] ].map { |x, y| Math.atan2(y - centre[1], x - centre[0]) }
            (b - a + 3 * Math::PI) % (2 * Math::PI) - Math::PI
          end / (2 * Math::PI)
        end

        def reach(corners, centre) = corners.sum { |corner| Path.distance(corner, centre) } / corners.size

        # Centre, mean distance and direction (degrees) of places evenly around, clockwise.
        def polar(corners, count)
          centre = [ 0, 1 ].map { |axis| corners.sum { |corner| corner[axis] } / count }
          turned = corners.each_with_index.sum { |(x, y), index| Complex(x - centre[0], y - centre[1]) * Complex.polar(1, -2 * Math::PI * index / count) } / count
          [ centre, turned.abs, turned.arg * 180 / Math::PI ]
        end

        # The item: its box is around the star, whose middle is not always the box's. tilt: degrees
        # clockwise from standing on its feet.
        def values(centre, radius, tips, depth, tilt)
          depth = depth.clamp(0.1, 0.95).round(2)
          tilt = Shapes.upright((tilt + 180.0 / tips) % (360.0 / tips) - 180.0 / tips, every: 360.0 / tips)
          around = (0...2 * tips).map { |corner| Geometry.rotate([ 0, corner.even? ? -radius : -radius * depth ], 180.0 * corner / tips) }
          box = Geometry::Box.around(around)
          middle = Geometry.rotate(box.centre, tilt).zip(centre).map(&:sum)
          Shapes.boxed(middle, box.width, box.height, tilt).merge("tips" => tips, "depth" => depth)
        end
      end
    end
  end
end
