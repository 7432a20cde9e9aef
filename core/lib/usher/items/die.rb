module Usher
  module Items
    # A die with faces of any kind; a tap rolls it.
    class Die < Faced
      prepend Curtained

      def self.sides = (2..100)
      def self.title = "A die"
      def self.laid = { width: 180, height: 180 }

      attribute :faces, Types::List.new(FACE, 2..100)

      def draw
        edge, gap = 5, [ width, height ].min * (GAP + 0.05)
        Markup.tag("rect", x: edge / 2.0, y: edge / 2.0, width: [ width - edge, 0 ].max, height: [ height - edge, 0 ].max, rx: [ width, height ].min * 0.17, fill: card, stroke: colour, "stroke-width": edge) +
          draw_face(face, gap, gap, width - 2 * gap, height - 2 * gap)
      end
    end
  end
end
