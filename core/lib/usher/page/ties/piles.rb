module Usher
  module Page
    module Ties
      # How many a pile with a limit has left to hand out.
      class Piles < Tie
        def settle
          tied(&:pile).each do |placed|
            limit = placed.item.pile["limit"]
            keep(placed, "left" => limit.zero? ? nil : [ limit - @page.from(placed.id).size, 0 ].max)
          end
          nil
        end
      end
    end
  end
end
