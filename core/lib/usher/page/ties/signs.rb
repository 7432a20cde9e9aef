module Usher
  module Page
    module Ties
      # Of a group whose things open the same, one carries the sign for it: the one furthest up and to the right.
      class Signs < Tie
        def settle
          linked, rest = tied { |item| item.groups.any? && item.link || !item.signed }.partition { |placed| placed.item.groups.any? && placed.item.link }
          rest.each { |placed| keep(placed, "signed" => true) }
          linked.group_by { |placed| [ placed.item.groups.last, placed.item.link ] }.each_value do |some|
            first = some.max_by { |placed| placed.item.box.bounds.then { |box| [ box.x + box.width - box.y, placed.id ] } }
            some.each { |placed| keep(placed, "signed" => placed.id == first.id) }
          end
          nil
        end
      end
    end
  end
end
