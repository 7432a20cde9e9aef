module Usher
  module Tidy
    module Shapes
      # Four sides at right angles: a rectangle, or a square when they are about as long.
      module Rectangle
        SQUARE = 0.86 # the shorter side against the longer

        module_function

        def fit(sketch)
          points = sketch.round or return
          corners = sketch.sides.corners(4)
          tilt = tilt(corners)
          left, right, top, bottom = edges(sketch.sides.sides(4), corners, tilt)
          width, height = right - left, bottom - top
          return unless width > 0 && height > 0 && [ width, height ].min > 0.06 * [ width, height ].max && Shapes.once?(sketch, 2 * (width + height))
          exact = [ [ left, top ], [ right, top ], [ right, bottom ], [ left, bottom ] ].map { |corner| Geometry.rotate(corner, tilt) }
          return unless sketch.corners?(exact)
          centre = Geometry.rotate([ (left + right) / 2, (top + bottom) / 2 ], tilt)
          Fit.new(error: Path.error(points, exact) / sketch.size, **shape(centre, width, height, Shapes.upright(tilt)))
        end

        def shape(centre, width, height, tilt)
          short, long = [ width, height ].minmax
          return { name: "rectangle", kind: "rectangle", values: Shapes.boxed(centre, width, height, tilt) } if short < SQUARE * long
          side = (width + height) / 2
          return square(centre, side, tilt) if tilt.abs < Diamond::STANDING
          Diamond.shape(centre, side * Math.sqrt(2), side * Math.sqrt(2), tilt.positive? ? tilt - 45 : tilt + 45)
        end

        def square(centre, side, tilt) = { name: "square", kind: "rectangle", values: Shapes.boxed(centre, side, side, Shapes.upright(tilt)) }

        # The common direction of all sides, -45 to 45 degrees, longer sides counting more.
        def tilt(corners)
          sine = cosine = 0.0
          corners.each_index do |index|
            dx, dy = corners[index][0] - corners[index - 1][0], corners[index][1] - corners[index - 1][1]
            angle, long = 4 * Math.atan2(dy, dx), Math.hypot(dx, dy)
            sine += Math.sin(angle) * long
            cosine += Math.cos(angle) * long
          end
          Math.atan2(sine, cosine) * 45 / Math::PI
        end

        # Left, right, top and bottom once it is turned upright: where each side lies in the middle.
        def edges(sides, corners, tilt)
          turned = sides.map { |side| side.map { |point| Geometry.rotate(point, -tilt) } }
          across, down = turned.partition { |side| spread(side, 1) > spread(side, 0) }
          return [ 0, 0, 0, 0 ] unless across.size == 2
          [ *across.map { |side| middle(side, 0) }.sort, *down.map { |side| middle(side, 1) }.sort ]
        end

        def spread(side, axis) = side.map { |point| point[axis] }.minmax.then { |least, most| most - least }

        def middle(side, axis) = side.sum { |point| point[axis] } / side.size
      end
    end
  end
end
