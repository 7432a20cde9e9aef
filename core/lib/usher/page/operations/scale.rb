module Usher
  module Page
    module Operations
      # Scales items about a point that stays where it is: { "ids", "about" => [x, y],
      # "by" => [across, down], "angle" => degrees }. The factors act along axes turned by the angle:
      # the item's own for one turned item, 0 for several.
      class Scale < Reshape
        POINT = Types::List.new(Types::Number.new(-200_000..200_000), 2..2)
        FACTORS = Types::List.new(Types::Number.new(0.001..1_000, digits: 6), 2..2)
        ANGLE = Types::Number.new(-360..360)

        private

        def read_rest
          @about = Invalid.about("The fixed point") { POINT.call(@hash["about"]) }
          @by = Invalid.about("The size") { FACTORS.call(@hash["by"]) }
          @angle = Invalid.about("The angle") { ANGLE.call(@hash.fetch("angle", 0)) }
        end

        def payload = { "ids" => @ids, "about" => @about, "by" => @by, "angle" => @angle }

        def reshape(item)
          scaled = item.scaled(*factors(item))
          width, height = scaled.fetch("width", item.width), scaled.fetch("height", item.height)
          along = Geometry.rotate(item.box.centre.zip(@about).map { |at, fixed| at - fixed }, -@angle)
          centre = Geometry.rotate([ along[0] * @by[0], along[1] * @by[1] ], @angle).zip(@about).map(&:sum)
          scaled.merge("x" => centre[0] - width / 2.0, "y" => centre[1] - height / 2.0)
        end

        # Along the item's own axes: as given when they agree with the frame's, swapped when they
        # stand across, and the mean of both for anything between.
        def factors(item)
          across = (item.angle - @angle) % 180
          return @by if [ across, 180 - across ].min < 0.5
          return @by.reverse if (across - 90).abs < 0.5
          [ Math.sqrt(@by[0] * @by[1]) ] * 2
        end
      end
    end
  end
end
