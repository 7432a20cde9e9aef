module Usher
  module Page
    module Operations
      # Colours what was tapped: { "ids" => [...], "colour" => "#..." or "none" }. Each kind knows
      # which of its colours that is.
      class Fill < Reshape
        TOUCHES = :all
        COLOUR = Types::Colour.new(none: true)

        private

        def read_rest = @colour = Invalid.about("The colour") { COLOUR.call(@hash["colour"]) }

        def payload = { "ids" => @ids, "colour" => @colour }

        def reshape(item) = item.filled(@colour)
      end
    end
  end
end
