module Usher
  module Page
    module Operations
      # What moving, scaling and rotating share: some items, a new box for each, and the old boxes as
      # the way back.
      class Reshape < Operation
        def apply(page, lenient: false)
          there = present(page, @ids, lenient)
          changes = there.map { |placed| { "id" => placed.id, "set" => reshape(placed.item).transform_values { |value| value.is_a?(Numeric) ? value.round(2) : value } } }
          return Outcome.new if changes.empty?
          Change.new({ "changes" => changes }).apply(page, lenient: lenient)
        end

        private

        def read
          @ids = ids("ids")
          read_rest
        end
      end
    end
  end
end
