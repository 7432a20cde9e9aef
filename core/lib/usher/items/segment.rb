module Usher
  module Items
    # What straight lines share: two ends, as shares of the box ([0, 0] is its top left, [1, 1] its
    # bottom right), so that moving and resizing only change the box.
    class Segment < Item
      END_POINT = Types::List.new(Types::Number.new(0..1, digits: 4), 2..2)

      attribute :ends, Types::List.new(END_POINT, 2..2), default: [ [ 0, 0 ], [ 1, 1 ] ]
      attribute :stroke, Types::Colour.new, default: Colour::INK
      attribute :breadth, Types::Number.new(Usher::Ink::BREADTHS), default: 5
      attribute :dash, Types::Choice.new("solid", "dashed"), default: "solid"

      private

      # Both ends in page units, relative to the box: [[x, y], [x, y]].
      def tips = ends.map { |across, down| [ across * width, down * height ] }

      def stroke_between(from, to)
        Markup.tag("line", x1: from[0], y1: from[1], x2: to[0], y2: to[1], stroke: stroke, "stroke-width": breadth,
          "stroke-linecap": "round", "stroke-dasharray": (dash == "dashed" ? "#{Markup.number(breadth * 3)} #{Markup.number(breadth * 2.4)}" : nil))
      end
    end
  end
end
