module Usher
  module Page
    module Operations
      # Takes all ink off the page: {}. What was typed, placed and brought in stays,
      # and so does ink that is pinned as it is.
      class Clear < Operation
        def apply(page, lenient:)
          lost = page.near(nil, "ink").select { |placed| placed.item.allows?(:all) }
          Outcome.new(gone: lost.map(&:id), inverse: lost.any? ? swap_back([], lost) : nil)
        end

        private

        def read = nil

        def payload = {}
      end
    end
  end
end
