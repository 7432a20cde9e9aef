module Usher
  module Items
    # What closed shapes share: an outline and a fill, either of which may be "none".
    class Shape < Item
      attribute :stroke, Types::Colour.new(none: true), default: Colour::INK
      attribute :breadth, Types::Number.new(0..200), default: 5
      attribute :fill, Types::Colour.new(none: true), default: "none"

      private

      def paint = { fill: fill, stroke: stroke, "stroke-width": breadth, "stroke-linejoin": "round" }
    end
  end
end
