module Usher
  module Items
    # A patch that hides what lies wholly beneath it until it is taken off: at a tap it lifts, fades or
    # slides away; one that comes from an edge of the page is drawn back by hand. What it hides is not
    # sent to devices (see Page::Ties::Covers).
    class Cover < Item
      def self.handed? = false
      def self.laid = { width: 420, height: 240 }

      EDGES = %w[left top right bottom].freeze
      LIVE = %w[off audience].freeze
      GRIP = 64 # page units of it that stay on the page when it is drawn back

      attribute :fill, Types::Colour.new, default: Colour::VELVET
      attribute :effect, Types::Choice.new("lift", "fade", "slide"), default: "lift"
      attribute :edge, Types::Choice.new("none", *EDGES), default: "none"
      attribute :page_width, Types::Number.new(1..Page::LONGEST), default: Page::SIZE[0] # of the page from whose edge it comes
      attribute :page_height, Types::Number.new(1..Page::LONGEST), default: Page::SIZE[1]
      attribute :off, Types::Flag.new, default: false
      attribute :words, Types::Line.new(80), default: ""

      def draw
        # Taken off it is nothing to see; only Arrange shows its outline.
        return Markup.tag("rect", width: width, height: height, rx: round, fill: "none", class: "ghost", visibility: "hidden") if off
        Markup.tag("rect", width: width, height: height, rx: round, fill: fill) + (edge == "none" ? caption : grip)
      end

      def label = [ off ? "Cover, taken off" : "Cover", words ].reject(&:empty?).join(": ")

      def hints = super.merge({ "cover" => (off ? "off" : "on"), "effect" => effect, "edge" => (edge unless edge == "none"), "track" => ([ "within", *reach.flatten ].join(" ") unless edge == "none") }.compact)

      def filled(colour) = colour == "none" ? raise(Invalid, "A cover needs a colour.") : { "fill" => colour }

      # It goes back to its edge and no further than its grip; a patch goes anywhere.
      def moved(by)
        return super if edge == "none"
        across, down = reach
        { "x" => (x + by[0]).clamp(*across), "y" => (y + by[1]).clamp(*down) }
      end

      def tied? = true

      def counts? = false

      # Whether it hides all of a box on the page.
      def hides?(other) = !off && other.corners.all? { |corner| hides_point?(corner) }

      # Whether it lies over a point of the page.
      def hides_point?(point) = within?(box.to_local(point))

      private

      # Where the top left corner of a cover from an edge may be: [[from, to] across, [from, to] down].
      def reach
        { "left" => [ [ GRIP - width, 0 ], [ y, y ] ], "right" => [ [ page_width - width, page_width - GRIP ], [ y, y ] ],
          "top" => [ [ x, x ], [ GRIP - height, 0 ] ], "bottom" => [ [ x, x ], [ page_height - height, page_height - GRIP ] ] }.fetch(edge)
      end

      def within?((along, down)) = along.between?(-0.5, width + 0.5) && down.between?(-0.5, height + 0.5)

      def round = edge == "none" ? [ 14, width / 2.0, height / 2.0 ].min : nil

      # Words in the middle, as large as they fit.
      def caption
        return "" if words.empty?
        face = Usher::Text::Faces.fetch("read", bold: true)
        size = [ 44.0, height * 0.6, (width - 24) / [ face.width(words), 0.1 ].max ].min
        return "" if size < 8
        Markup.tag("text", { x: width / 2.0, y: height / 2.0 + size * 0.35, "text-anchor": "middle", "font-family": Usher::Text::Faces.family("read"), "font-size": size, "font-weight": 700, fill: ink }, Markup.escape(words))
      end

      def ink = Usher::Colour.dark?(fill) ? Usher::Colour::WHITE : Usher::Colour::INK

      # A bar at the side by which it is drawn back.
      def grip
        at = { "left" => [ width - GRIP / 2.0, height / 2.0, true ], "right" => [ GRIP / 2.0, height / 2.0, true ], "top" => [ width / 2.0, height - GRIP / 2.0, false ], "bottom" => [ width / 2.0, GRIP / 2.0, false ] }.fetch(edge)
        wide, high = at[2] ? [ 14, 150 ] : [ 150, 14 ]
        Markup.tag("rect", x: at[0] - wide / 2.0, y: at[1] - high / 2.0, width: wide, height: high, rx: 7, fill: Usher::Colour::BRASS)
      end
    end
  end
end
