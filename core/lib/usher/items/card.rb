module Usher
  module Items
    # What cards share: text on a coloured ground that grows when the text needs more room.
    class Card < Written
      attribute :card, Types::Colour.new, default: Colour::PALE_BRASS

      def filled(colour)
        raise Invalid, "A card needs a colour." if colour == "none"
        { "card" => colour }
      end

      private

      def own_looks = %w[card]

      def settle(values)
        values = super
        values.merge("height" => [ values["height"], (laid_out(values).height + 2 * padding_of(values)[1]).round(2) ].max)
      end

      # Page units above the first line where the text stands in the middle.
      def centred = (height - layout.height) / 2.0
    end
  end
end
