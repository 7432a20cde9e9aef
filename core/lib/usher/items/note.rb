module Usher
  module Items
    # A sticky note: text on a coloured card that grows when the text needs more room.
    class Note < Written
      INSET = 24

      attribute :card, Types::Colour.new, default: Colour::PALE_BRASS
      attribute :size, Types::Number.new(8..400), default: 30

      def draw
        Markup.tag("rect", width: width, height: height, rx: 14, fill: card) + write(inset: INSET)
      end

      def label = "Sticky note: #{text[0, 80]}"

      private

      def settle(values)
        needed = layout(values, inset: INSET).height + 2 * INSET
        values.merge("height" => [ values["height"], needed.round(2) ].max)
      end
    end
  end
end
