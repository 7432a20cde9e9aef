module Usher
  module Page
    module Operations
      # Moves items by a distance in page units: { "ids" => [...], "by" => [dx, dy] }.
      class Move < Reshape
        DISTANCE = Types::List.new(Types::Number.new(-200_000..200_000), 2..2)

        private

        def read_rest = @by = Invalid.about("The distance") { DISTANCE.call(@hash["by"]) }

        def payload = { "ids" => @ids, "by" => @by }

        def reshape(item) = { "x" => item.x + @by[0], "y" => item.y + @by[1] }
      end
    end
  end
end
