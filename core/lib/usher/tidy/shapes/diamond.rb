module Usher
  module Tidy
    module Shapes
      # Four equal sides standing on a corner.
      module Diamond
        STANDING = 35 # degrees; a square tilted at least so far stands on its corner
        EQUAL = 0.9 # the shorter diagonal against the longer
        BIAS = 1.04 # a rectangle is likelier
        CORNERS = [ [ 0.5, 0 ], [ 1, 0.5 ], [ 0.5, 1 ], [ 0, 0.5 ] ].freeze

        module_function

        def fit(sketch)
          points = sketch.round or return
          a, b, c, d = sketch.sides.corners(4)
          centre = [ 0, 1 ].map { |axis| (a[axis] + b[axis] + c[axis] + d[axis]) / 4 }
          along, across = half(a, c), half(b, d)
          width, height = 2 * Math.hypot(*along), 2 * Math.hypot(*across)
          return if [ width, height ].min < 0.15 * [ width, height ].max
          tilt = common(along, across)
          exact = [ [ width / 2, 0 ], [ 0, height / 2 ], [ -width / 2, 0 ], [ 0, -height / 2 ] ].map { |corner| Geometry.rotate(corner, tilt).zip(centre).map(&:sum) }
          return unless sketch.corners?(exact) && Shapes.once?(sketch, Path.length([ *exact, exact.first ]))
          Fit.new(error: BIAS * Path.error(points, exact) / sketch.size, **shape(centre, width, height, tilt))
        end

        # With equal diagonals it is a square, which is called so unless it stands on its corner.
        def shape(centre, width, height, tilt)
          turns = (tilt / 90.0).round
          width, height = height, width if turns.odd?
          width = height = (width + height) / 2 if [ width, height ].min > EQUAL * [ width, height ].max
          tilt -= turns * 90
          return Rectangle.square(centre, width / Math.sqrt(2), tilt.positive? ? tilt - 45 : tilt + 45) if width == height && tilt.abs > 45 - STANDING
          { name: "diamond", kind: "polygon", values: Shapes.boxed(centre, width, height, Shapes.upright(tilt)).merge("corners" => CORNERS) }
        end

        def half(from, to) = [ (to[0] - from[0]) / 2, (to[1] - from[1]) / 2 ]

        # The direction of the first diagonal, both counted, the second turned back by a right angle.
        def common(along, across)
          turned = [ across[1], -across[0] ]
          turned = turned.map(&:-@) if turned[0] * along[0] + turned[1] * along[1] < 0
          sum = along.zip(turned).map { |p, q| p / Math.hypot(*along) + q / Math.hypot(*turned) }
          Math.atan2(sum[1], sum[0]) * 180 / Math::PI
        end
      end
    end
  end
end
