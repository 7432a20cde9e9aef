module Usher
  module Page
    module Ties
      # What drop areas count or add up.
      class Areas < Tie
        def settle
          tied { |item| item.is_a?(Items::Area) }.each do |area|
            inside = @page.near(area.item.box.bounds, nil).select { |placed| placed.z > area.z && area.item.holds?(placed.item) }
            keep(area, area.item.tallied(inside.map(&:item)))
          end
          nil
        end
      end
    end
  end
end
