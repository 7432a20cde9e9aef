module Usher
  module Items
    # A video inside the page, at rest a picture out of it.
    class Video < Playable
      prepend Curtained

      def self.even? = true

      attribute :picture, Types::Maybe.new(Types::Number.new(1..2**53, digits: 0)), default: nil

      def draw
        poster = picture ? Markup.tag("image", href: Veil.address(picture), width: width, height: height, preserveAspectRatio: "xMidYMid slice") : ""
        Markup.tag("rect", width: width, height: height, fill: Usher::Colour::INK) + poster + sign(width / 2.0, height / 2.0, [ width, height ].min.*(0.16).clamp(14, 60)) + caption
      end

      private

      def caption
        return "" if height < 120 || width < 160
        text = fit([ title, clock ].reject(&:empty?).join(" · "), width - 56, 24)
        Markup.tag("rect", x: 12, y: height - 52, width: face.width(text) * 24 + 32, height: 40, rx: 12, fill: Usher::Colour::INK, "fill-opacity": 0.72) +
          write(28, height - 24, text, size: 24, bold: true, colour: Usher::Colour::WHITE)
      end
    end
  end
end
