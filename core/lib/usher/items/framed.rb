module Usher
  module Items
    # A page of the web inside the page. Drawn here as what stands there until it is opened and when there
    # is no network; the browser puts the living page into the box under the grip, closed off from Usher.
    class Framed < Item
      include Lettered
      prepend Curtained

      GRIP = 52 # page units at the top by which it is moved, because a living page swallows drags
      BORDER = 6

      attribute :address, Types::Address.new(schemes: %w[http https])
      attribute :title, Types::Line.new(200), default: ""
      attribute :width, Types::Number.new(0..20_000), default: 900
      attribute :height, Types::Number.new(0..20_000), default: 560

      def draw
        Markup.tag("rect", width: width, height: height, rx: 16, fill: Usher::Colour::PALE_VELVET, stroke: Usher::Colour::VELVET, "stroke-width": 3) + grip + rest
      end

      def words = [ title, host ].join(" ")
      def label = "Framed page: #{name}"
      def hints = super.merge("framed" => address, "grip" => GRIP, "border" => BORDER)

      private

      def host = address[%r{\Ahttps?://([^/?#]+)}i, 1].to_s
      def name = title.empty? ? host : title

      def grip
        dots = Array.new(6) { |n| Markup.tag("circle", cx: 24 + n % 3 * 12, cy: GRIP / 2 - 5 + n / 3 * 12, r: 3, fill: Usher::Colour::VELVET) }.join
        dots + (width > 200 ? write(76, GRIP / 2 + 9, fit(name, width - 100, 26), size: 26, bold: true, colour: Usher::Colour::INK) : "")
      end

      def rest
        inside = [ width - 2 * BORDER, height - GRIP - BORDER ]
        return "" if inside.min < 40
        Markup.tag("rect", x: BORDER, y: GRIP, width: inside[0], height: inside[1], rx: 10, fill: Usher::Colour::LINEN) +
          (inside[1] > 120 && inside[0] > 240 ? write(36, GRIP + 60, fit(host, inside[0] - 60, 28, bold: false), size: 28, colour: Usher::Colour::SOFT) + write(36, GRIP + 104, "Tap to open", size: 28, bold: true, colour: Usher::Colour::VELVET) : "")
      end
    end
  end
end
