module Usher
  module Items
    # A sound that lies on the page as a card with its title.
    class Sound < Playable
      prepend Curtained

      attribute :width, Types::Number.new(0..20_000), default: 420
      attribute :height, Types::Number.new(0..20_000), default: 96

      def draw
        radius = [ height * 0.34, 40 ].min
        left = radius * 2 + height * 0.3
        Markup.tag("rect", width: width, height: height, rx: [ height / 2.0, 28 ].min, fill: Usher::Colour::LINEN, stroke: Usher::Colour::EDGE, "stroke-width": 3) +
          sign(height / 2.0, height / 2.0, radius) + (width > left + 60 ? lines(left) : "")
      end

      private

      def lines(left)
        write(left, height / 2.0 - 2, fit(title.empty? ? "Sound" : title, width - left - 20, 28), size: 28, bold: true, colour: Usher::Colour::INK) +
          write(left, height / 2.0 + 28, clock, size: 24, colour: Usher::Colour::SOFT)
      end
    end
  end
end
