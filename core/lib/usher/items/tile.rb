module Usher
  module Items
    # A short text on a card to be handled: a word, a number, a letter. The text stands in the middle.
    class Tile < Card
      def self.inset = 14

      attribute :card, Types::Colour.new, default: Colour::WHITE
      attribute :colour, Types::Colour.new, default: Colour::TIDE
      attribute :size, Types::Number.new(8..400), default: 44
      attribute :bold, Types::Flag.new, default: true
      attribute :align, Types::Choice.new("left", "middle", "right"), default: "middle"
      attribute :round, Types::Number.new(0..200), default: 16

      def draw
        edge = 3
        Markup.tag("rect", x: edge / 2.0, y: edge / 2.0, width: [ width - edge, 0 ].max, height: [ height - edge, 0 ].max, rx: (round if round.positive?), fill: card, stroke: colour, "stroke-width": edge) + write
      end

      private

      def top = centred
    end
  end
end
