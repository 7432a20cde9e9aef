module Usher
  module Items
    # A card with two sides; a tap turns it over.
    class FlashCard < Faced
      prepend Curtained

      def self.sides = (2..2)
      def self.title = "A flash card"
      def self.laid = { width: 420, height: 280 }

      attribute :faces, Types::List.new(FACE, 2..2)

      def rolled(_chance, _seed) = { "top" => 1 - top, "turns" => turns + 1 }

      def draw
        gap = [ width, height ].min * GAP
        rim(2, 22, 4) + (top.zero? ? "" : rim(gap / 2 + 2, 16, 2)) + draw_face(face, gap, gap, width - 2 * gap, height - 2 * gap) + corner
      end

      private

      # The edge of the card; its back has a second one within.
      def rim(inset, round, stroke)
        Markup.tag("rect", x: inset, y: inset, width: [ width - 2 * inset, 0 ].max, height: [ height - 2 * inset, 0 ].max, rx: round, fill: card, stroke: colour, "stroke-width": stroke)
      end

      # A turned-up corner says that there is another side.
      def corner
        size = [ width, height ].min * 0.14
        right, bottom = width - 4, height - 4
        Markup.tag("path", d: "M#{Markup.number(right - size)} #{Markup.number(bottom)}L#{Markup.number(right)} #{Markup.number(bottom - size)}V#{Markup.number(bottom - 18)}Q#{Markup.number(right)} #{Markup.number(bottom)} #{Markup.number(right - 18)} #{Markup.number(bottom)}Z", fill: colour)
      end
    end
  end
end
