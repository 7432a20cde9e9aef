module Usher
  module Items
    # Text typed on the page. Its height follows its lines. `ground` is a tile of colour behind it,
    # a little larger than the box, so that the lines stay where they are when it is put there.
    class Text < Written
      MARGIN = [ 18, 10 ].freeze # page units that the ground goes beyond the box, to the sides and up and down

      attribute :height, Types::Number.new(0..200_000), default: 0
      attribute :ground, Types::Colour.new(none: true), default: "none"

      def draw
        across, down = ground == "none" ? [ 0, 0 ] : MARGIN
        # Without a colour it still makes the whole box something to touch, not only the letters.
        Markup.tag("rect", x: (-across if across.positive?), y: (-down if down.positive?), width: width + 2 * across, height: height + 2 * down, rx: (14 if down.positive?),
          fill: ground, "pointer-events": "all") + write
      end

      def filled(colour) = { "ground" => colour }

      private

      def own_looks = %w[ground]

      def settle(values) = super.then { |settled| settled.merge("height" => layout(settled).height.round(2)) }
    end
  end
end
