module Usher
  module Items
    # A ruler lying on the page: ink begun beside it follows its edge. Scaled in centimetres as they
    # come out on A4 paper, or in hundreds of page units.
    class Ruler < Item
      def self.laid = { width: 860, height: 96 }

      attribute :width, Types::Number.new(100..5_000), default: 860
      attribute :height, Types::Number.new(40..400), default: 96
      attribute :unit, Types::Choice.new("cm", "units"), default: "cm"

      def draw
        Measure.body("rect", width: width, height: height, rx: 8) + Measure.ticks(length: width, unit: unit)
      end

      def counts? = false

      # Both long edges; the free side is outside.
      def edges = [ [ [ 0, 0 ], [ 1, 0 ] ], [ [ 1, 1 ], [ 0, 1 ] ] ].map { |ends| ends.map { |share| on_page(share) } }
    end
  end
end
