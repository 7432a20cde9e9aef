module Usher
  module Page
    module Operations
      # Takes items off the page.
      class Remove < Operation
        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: :all)
          Outcome.new(gone: there.map(&:id), inverse: there.any? ? { "verb" => "put", "items" => there.map(&:to_h) } : nil)
        end

        private

        def read = @ids = ids("ids")

        def payload = { "ids" => @ids }
      end
    end
  end
end
