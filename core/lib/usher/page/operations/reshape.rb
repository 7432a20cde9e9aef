module Usher
  module Page
    module Operations
      # What moving, scaling and rotating share: some items, a new box for each, and the old boxes as
      # the way back.
      class Reshape < Operation
        TOUCHES = :place

        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: self.class::TOUCHES)
          changes = changes_of(there)
          return Outcome.new if changes.empty?
          Change.new({ "changes" => changes }).apply(page, lenient: lenient)
        end

        private

        # What changes of each: { "id", "set" }. Those of which nothing does are left out.
        def changes_of(there)
          there.filter_map do |placed|
            set = reshape(placed.item).to_h { |name, value| [ name, name == "along" || !value.is_a?(Numeric) ? value : value.round(2) ] }
            { "id" => placed.id, "set" => set } if set.any?
          end
        end

        def read
          @ids = ids("ids")
          read_rest
        end
      end
    end
  end
end
