module Usher
  module Items
    # The card on a page that opens an activity. It shows what the class will find behind it; the
    # content itself, right answers among it, is not part of the item.
    class Activity < Item
      include Lettered
      prepend Curtained

      def self.even? = true

      BAR = 72
      CHIP = 54

      attribute :activity, Types::Number.new(1..2**53, digits: 0)
      attribute :title, Types::Line.new(120, blank: false)
      attribute :activity_kind, Types::Line.new(40, blank: false)
      attribute :tiles, Types::List.new(Types::Line.new(80), 0..12), default: []

      def draw
        card + bar + chips + invitation
      end

      def label = "Activity: #{title}"

      def hints = super.merge("activity" => activity)

      def words = [ title, *tiles ].join(" ")

      private

      def card = Markup.tag("rect", width: width, height: height, rx: 20, fill: Usher::Colour::LINEN, stroke: Usher::Colour::EDGE, "stroke-width": 3)

      def bar
        write(28, BAR * 0.66, fit(title, width - 56, 34, bold: true), size: 34, font: "title", bold: true, colour: Usher::Colour::INK) +
          Markup.tag("line", x1: 0, y1: BAR + 10, x2: width, y2: BAR + 10, stroke: Usher::Colour::EDGE, "stroke-width": 3)
      end

      # As many tiles as there is room for, left to right, row by row.
      def chips
        across, down = 28, BAR + 36
        tiles.each_with_object(+"") do |tile, out|
          text = fit(tile, width - 100, 28)
          wide = face.width(text) * 28 + 40
          across, down = 28, down + CHIP + 14 if across + wide > width - 28
          break out if down + CHIP > height - 84
          out << Markup.tag("rect", x: across, y: down, width: wide, height: CHIP, rx: 12, fill: Usher::Colour::WHITE, stroke: Usher::Colour::TIDE, "stroke-width": 2.5)
          out << write(across + 20, down + 37, text, size: 28, bold: true, colour: Usher::Colour::TIDE)
          across += wide + 14
        end
      end

      def invitation
        return "" if height < BAR + 80
        write(28, height - 26, "Tap to play", size: 26, bold: true, colour: Usher::Colour::VELVET)
      end
    end
  end
end
