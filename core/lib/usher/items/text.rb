module Usher
  module Items
    # Text typed on the page. Its height follows its lines.
    class Text < Written
      attribute :height, Types::Number.new(0..200_000), default: 0

      def draw
        # The invisible ground makes the whole box something to touch, not only the letters.
        Markup.tag("rect", width: width, height: height, fill: "none", "pointer-events": "all") + write
      end

      private

      def settle(values) = values.merge("height" => layout(values).height.round(2))
    end
  end
end
