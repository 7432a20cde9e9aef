module Usher
  module Items
    # A web address as a tidy card: what it is called, what it is about, where it leads, and a picture.
    class LinkCard < Item
      include Lettered
      prepend Curtained

      attribute :address, Types::Address.new(schemes: %w[http https])
      attribute :title, Types::Line.new(200), default: ""
      attribute :about, Types::Line.new(400), default: ""
      attribute :picture, Types::Maybe.new(Types::Number.new(1..2**53, digits: 0)), default: nil
      attribute :width, Types::Number.new(0..20_000), default: 560
      attribute :height, Types::Number.new(0..20_000), default: 150

      def draw
        side = picture ? [ height, width / 3.0 ].min : 0
        Markup.tag("rect", width: width, height: height, rx: 18, fill: Usher::Colour::WHITE, stroke: Usher::Colour::EDGE, "stroke-width": 3) +
          (picture ? image(side) : "") + lines(side + 24, width - side - 48)
      end

      def words = [ title, about, host ].join(" ")
      def label = "Link: #{title.empty? ? host : title}"

      # The address it leads to stands in for a link of its own.
      def hints = super.merge("leads" => address)

      private

      def host = address[%r{\Ahttps?://([^/?#]+)}i, 1].to_s.delete_prefix("www.")

      def image(side) = Markup.tag("image", href: Veil.address(picture), x: 12, y: 12, width: [ side - 24, 1 ].max, height: [ height - 24, 1 ].max, preserveAspectRatio: "xMidYMid slice")

      def lines(left, room)
        return "" if room < 40
        rows = [ [ title.empty? ? host : title, 30, true, Usher::Colour::INK ], *([ [ about, 23, false, Usher::Colour::SOFT ] ] unless about.empty? || height < 140), [ host, 22, true, Usher::Colour::TIDE ] ]
        top = (height - rows.size * 36) / 2.0 + 26
        rows.each_with_index.map { |(text, size, bold, colour), row| write(left, top + row * 36, fit(text.tr("\n", " "), room, size, bold: bold), size: size, bold: bold, colour: colour) }.join
      end
    end
  end
end
