module Usher
  module Page
    module Operations
      # Takes all ink off the page: {}. What was typed, placed and brought in stays.
      class Clear < Operation
        def apply(page, lenient: false)
          lost = page.near(nil, "ink")
          Outcome.new(gone: lost.map(&:id), inverse: lost.any? ? swap_back([], lost) : nil)
        end

        private

        def read = nil

        def payload = {}
      end
    end
  end
end
