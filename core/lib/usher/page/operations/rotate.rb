module Usher
  module Page
    module Operations
      # Turns items about a point: { "ids", "about" => [x, y], "angle" => degrees clockwise }.
      class Rotate < Reshape
        private

        def read_rest
          @about = Invalid.about("The fixed point") { Scale::POINT.call(@hash["about"]) }
          @angle = Invalid.about("The angle") { Scale::ANGLE.call(@hash["angle"]) }
        end

        def payload = { "ids" => @ids, "about" => @about, "angle" => @angle }

        def reshape(item)
          arm = item.box.centre.zip(@about).map { |at, fixed| at - fixed }
          centre = Geometry.rotate(arm, @angle).zip(@about).map(&:sum)
          { "x" => centre[0] - item.width / 2.0, "y" => centre[1] - item.height / 2.0, "angle" => (item.angle + @angle).round(2).remainder(360) }
        end
      end
    end
  end
end
