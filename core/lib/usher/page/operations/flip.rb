module Usher
  module Page
    module Operations
      # Flips things about the middle of the box around them: { "ids", "axis" => "across" (left and
      # right change places) | "down" }. Text stays readable.
      class Flip < Reshape
        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: :place)
          @middle = Units.new(there).box.centre if there.any?
          super
        end

        private

        def read_rest = @axis = Invalid.about("The way to flip") { Types::Choice.new("across", "down").call(@hash["axis"]) }

        def payload = { "ids" => @ids, "axis" => @axis }

        # A mirrored thing is itself mirrored along the same axis, turned the other way.
        def reshape(item)
          place = @axis == "across" ? { "x" => 2 * @middle[0] - item.x - item.width } : { "y" => 2 * @middle[1] - item.y - item.height }
          { **place, "angle" => -item.angle, **item.flipped(@axis) }
        end
      end
    end
  end
end
