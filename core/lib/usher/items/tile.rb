module Usher
  module Items
    # A short text on a card to be handled: a word, a number, a letter. The text stands in the middle.
    class Tile < Card
      def self.inset = 14

      attribute :card, Types::Colour.new(none: true), default: Colour::WHITE
      attribute :colour, Types::Colour.new, default: Colour::TIDE
      attribute :size, Types::Number.new(8..400), default: 44
      attribute :bold, Types::Flag.new, default: true
      attribute :align, Types::Choice.new(*ALIGNS), default: "middle"
      attribute :round, Types::Number.new(0..200), default: 16
      attribute :border, Types::Maybe.new(Types::Colour.new(none: true)), default: nil, spare: true # nil: as the letters
      attribute :border_width, Types::Number.new(0.5..60), default: 3, spare: true # page units
      attribute :vertical, Types::Choice.new("top", "middle", "bottom"), default: "middle", spare: true # where in it the words stand
      attribute :padding, Types::Maybe.new(Types::List.new(Types::Number.new(0..100), 2..2)), default: nil, spare: true # [across, down], page units

      def draw
        edge = border == "none" ? 0 : border_width
        Markup.tag("rect", x: edge / 2.0, y: edge / 2.0, width: [ width - edge, 0 ].max, height: [ height - edge, 0 ].max, rx: (round if round.positive?), fill: card,
          stroke: (border || colour unless edge.zero?), "stroke-width": (edge unless edge.zero?), "pointer-events": ("all" if card == "none")) + write
      end

      private

      def own_looks = [ *super, "vertical", "padding" ]

      def top = { "top" => inset, "middle" => centred, "bottom" => height - layout.height - inset }.fetch(vertical)
    end
  end
end
