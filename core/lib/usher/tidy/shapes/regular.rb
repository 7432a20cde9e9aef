module Usher
  module Tidy
    module Shapes
      # Pentagons and hexagons: regular ones, also when they were drawn stretched.
      module Regular
        NAMES = { 5 => "pentagon", 6 => "hexagon" }.freeze
        BIAS = { 5 => 1.05, 6 => 1.12 }.freeze # fewer sides are likelier
        EVEN = 0.84 # the shorter axis against the longer, from which it is regular

        module_function

        def fit(sketch) = NAMES.keys.filter_map { |count| with(sketch, count) }.min_by(&:error)

        def with(sketch, count)
          points = sketch.round or return
          exact, regular = regular(sketch.sides.corners(count))
          return unless exact && sketch.corners?(exact) && Shapes.once?(sketch, Path.length([ *exact, exact.first ]))
          Fit.new(name: NAMES[count], kind: "polygon", values: Items::Polygon.through(regular), error: BIAS[count] * Path.error(points, exact) / sketch.size)
        end

        # The nearest corners c + u cos + v sin to those found, and the same made regular when u and v
        # are nearly of one length and at right angles.
        def regular(corners)
          count = corners.size
          turns = Array.new(count) { |index| 2 * Math::PI * index / count }
          centre, u, v = [ 0, 1 ].map { |axis| corners.sum { |corner| corner[axis] } / count },
            *[ :cos, :sin ].map { |wave| [ 0, 1 ].map { |axis| corners.each_with_index.sum { |corner, index| corner[axis] * Math.send(wave, turns[index]) } * 2 / count } }
          # Two circles turning against each other: the larger is the polygon, the smaller the stretching.
          with = Complex(u[0] + v[1], u[1] - v[0]) / 2
          against = Complex(u[0] - v[1], u[1] + v[0]) / 2
          with, against, turn = with.abs > against.abs ? [ with, against, 1 ] : [ against, with, -1 ]
          return if with.abs < 2 * against.abs
          at = ->(stretch) { turns.map { |angle| (with * Complex.polar(1, turn * angle) + stretch * Complex.polar(1, -turn * angle)).rect.zip(centre).map(&:sum) } }
          regular = (with.abs - against.abs) > EVEN * (with.abs + against.abs)
          [ at.call(against), regular ? level(at.call(0), centre) : at.call(against) ]
        end

        # Turned by the little that one of its sides is off.
        def level(corners, centre)
          tilt = corners.each_index.map { |index| Triangle.slope(corners[index - 1], corners[index]) }.min_by(&:abs)
          return corners if tilt.abs > UPRIGHT
          corners.map { |x, y| Geometry.rotate([ x - centre[0], y - centre[1] ], -tilt).zip(centre).map(&:sum) }
        end
      end
    end
  end
end
