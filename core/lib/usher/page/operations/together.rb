module Usher
  module Page
    module Operations
      # Several operations as one step: { "steps" => [operation, ...] }. All of them or none.
      class Together < Operation
        MAX = 100

        def apply(page, lenient:)
          overlay = Overlay.new(page)
          inverses = @steps.map { |step| step.apply(overlay, lenient: lenient).tap { |outcome| overlay.add(outcome) }.inverse }
          back = inverses.compact.reverse
          overlay.outcome(back.size > 1 ? { "verb" => "together", "steps" => back } : back.first)
        end

        private

        def read
          given = @hash["steps"]
          raise Invalid, "This change must have 1 to #{MAX} steps." unless given.is_a?(Array) && given.size.between?(1, MAX)
          raise Invalid, "A step cannot have steps of its own." if given.any? { |step| step.is_a?(Hash) && step["verb"] == "together" && nested?(step) }
          @steps = given.map { |step| Operation.build(step) }
        end

        # Undoing a step of several steps nests once; nobody needs more.
        def nested?(step) = Array(step["steps"]).any? { |inner| inner.is_a?(Hash) && inner["verb"] == "together" }

        def payload = { "steps" => @steps.map(&:to_h) }
      end
    end
  end
end
