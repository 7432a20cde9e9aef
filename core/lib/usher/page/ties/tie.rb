module Usher
  module Page
    module Ties
      # One thing that follows from others. Subclasses answer `settle`: they put what has to change on
      # the overlay, and may answer with a sentence for the person who did it.
      class Tie
        # page: an Overlay with the operation already on it; outcome: what the operation did.
        def initialize(page, outcome)
          @page, @outcome = page, outcome
        end

        private

        def tied(&which) = @page.tied.select { |placed| which.call(placed.item) }

        # Keeps these values where they are not so already.
        def keep(placed, values)
          return if values.all? { |name, value| placed.item.public_send(name) == value }
          @page.add(Outcome.new(put: [ Placed.new(placed.item.remade(values), placed.z) ]))
        end
      end
    end
  end
end
