module Usher
  module Page
    module Ties
      # What lies wholly beneath a cover that is on, and the letters of a text that do.
      class Covers < Tie
        def settle
          covers, hidden = tied { |item| item.is_a?(Items::Cover) }, tied { |item| item.covered || item.hidden.any? }
          return if covers.empty? && hidden.empty?
          on = covers.reject { |cover| cover.item.off }
          (on.flat_map { |cover| @page.near(cover.item.box.bounds, nil) } + hidden).uniq(&:id).each do |placed|
            above = on.select { |cover| cover.z > placed.z }.map(&:item)
            covered = above.any? { |cover| cover.hides?(placed.item.box) }
            keep(placed, "covered" => covered, "hidden" => covered ? [] : placed.item.hidden_by(above))
          end
          nil
        end
      end
    end
  end
end
