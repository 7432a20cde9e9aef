module Usher
  module Page
    module Operations
      # Changes the page itself: paper, colour, planned minutes.
      class Restyle < Operation
        def apply(page, lenient:)
          was = page.style.slice(*@set.keys)
          Outcome.new(style: @set, inverse: was == @set ? nil : { "verb" => "restyle", "set" => was })
        end

        private

        def read = @set = Style.check(@hash["set"])

        def payload = { "set" => @set }
      end
    end
  end
end
