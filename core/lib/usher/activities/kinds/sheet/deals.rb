module Usher
  module Activities
    module Kinds
      class Sheet
        # The deals of all parts of a sheet.
        class Deals
          def initialize(deals)
            @deals = deals
          end

          # number: of a part, from 1.
          def part(number) = @deals.fetch(number - 1)

          def pieces = @deals.each.with_index(1).flat_map { |deal, number| deal.pieces.map { |name, index| [ "#{number}-#{name}", index ] } }.to_h
          def names = pieces.keys
          def index(name) = pieces.fetch(name)
        end
      end
    end
  end
end
