module Usher
  module Page
    module Operations
      # Cuts away the ink that an eraser passes over: { "path" => [[x, y], ...], "radius" => page
      # units }.
      class Erase < Operation
        POINT = Types::List.new(Types::Number.new(-Items::Item::REACH..Items::Item::REACH), 2..2)
        PATH = Types::List.new(POINT, 1..Usher::Ink::Eraser::MAX)
        RADIUS = Types::Number.new(Usher::Ink::Eraser::RADII)

        # The two of them from an operation's hash; raises Invalid.
        def self.sweep(hash)
          [ Invalid.about("The path of the eraser") { PATH.call(hash["path"]) }, Invalid.about("The size of the eraser") { RADIUS.call(hash["radius"]) } ]
        end

        def apply(page, lenient:)
          eraser = Usher::Ink::Eraser.new(@path, @radius)
          cuts = page.near(eraser.bounds, "ink").filter_map { |placed| pieces(placed, eraser)&.then { |pieces| [ placed, pieces ] } }
          lost, put = cuts.map(&:first), cuts.flat_map(&:last)
          Outcome.new(put: put, gone: lost.map(&:id), inverse: lost.any? ? swap_back(put, lost) : nil)
        end

        private

        def read = (@path, @radius = self.class.sweep(@hash))

        def payload = { "path" => @path, "radius" => @radius }

        def pieces(placed, eraser) = placed.item.cut(eraser)&.map { |item| Placed.new(item, placed.z) }
      end
    end
  end
end
