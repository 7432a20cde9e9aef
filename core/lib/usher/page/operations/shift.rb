module Usher
  module Page
    module Operations
      # What aligning and distributing share: every unit of the chosen things goes its own distance.
      class Shift < Reshape
        private

        def changes_of(there)
          by = distances(Units.new(there)).each_with_object({}) { |(unit, distance), all| unit.ids.each { |id| all[id] = distance } }
          there.filter_map do |placed|
            next if by.fetch(placed.id).all? { |step| step.abs < 0.005 }
            { "id" => placed.id, "set" => placed.item.moved(by.fetch(placed.id)).to_h { |name, value| [ name, name == "along" ? value : value.round(2) ] } }
          end
        end
      end
    end
  end
end
