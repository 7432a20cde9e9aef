module Usher
  module Page
    module Operations
      # Pulls one knot of an item to another place: { "ids" => [id], "knot" => its number,
      # "to" => [x, y] in page units }. The end of a line, a handle of a curve, a corner of a polygon.
      class Bend < Reshape
        private

        def read_rest
          raise Invalid, "One thing is bent at a time." unless @ids.size == 1
          @knot = Invalid.about("The handle") { Types::Number.new(0..200, digits: 0).call(@hash["knot"]) }
          @to = Invalid.about("The new place") { Erase::POINT.call(@hash["to"]) }
        end

        def payload = { "ids" => @ids, "knot" => @knot, "to" => @to }

        def reshape(item) = item.bent(@knot, @to)
      end
    end
  end
end
