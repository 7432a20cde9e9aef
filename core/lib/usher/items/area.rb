module Usher
  module Items
    # A drop area: counts what lies in it, or adds up what it is worth, exactly. `tally` and `verdict`
    # follow from what lies there and are kept by Page::Ties::Areas.
    class Area < Shape
      prepend Curtained

      def self.handed? = false
      def self.laid = { width: 520, height: 340 }

      CHIP = 56
      LIVE = %w[shown audience].freeze

      attribute :stroke_width, Types::Number.new(0..200), default: 4
      attribute :dash, Dash::Type.new, default: "dashed"
      attribute :stroke, Types::Colour.new(none: true), default: Colour::TIDE
      attribute :form, Types::Choice.new("box", "round"), default: "box"
      attribute :title, Types::Line.new(60), default: ""
      attribute :measure, Types::Choice.new("sum", "count"), default: "sum"
      attribute :shown, Types::Flag.new, default: true
      attribute :target, Types::Line.new(40), default: "" # a number with a unit; empty for none
      attribute :units, Types::Line.new(Units::MAX), default: "", spare: true # how units belong together, besides those that are known
      attribute :tally, Types::Line.new(200), default: ""
      attribute :verdict, Types::Choice.new("none", "right", "wrong"), default: "none"

      FOLLOWS = [ *Handled::KEPT, "tally", "verdict" ].freeze

      def draw = frame + heading + chip

      def label = [ title.empty? ? "Drop area" : "Drop area: #{title}", (tally if shown), (verdict if shown && verdict != "none") ].compact.join(", ")

      def words = title

      # target stays in Ruby: it would tell the answer.
      def hints = super.merge("area" => shown ? "shown" : "hidden")

      def outline(inset: [ 0, 0 ]) = form == "round" ? Ellipse.restore("x" => x, "y" => y, "width" => width, "height" => height, "angle" => angle).outline(inset: inset) : super

      def tied? = true

      def counts? = false

      # Whether a thing lies in it: its middle does, it can be moved, and it is something to count.
      def holds?(item)
        item.counts? && edge.inside?(item.box.centre)
      end

      # The attributes that follow from the things in it; those of one group count as one.
      def tallied(items)
        totals = measure == "count" ? [ Quantity.new(items.map { |item| item.groups.last || item.id }.uniq.size) ] : units_meant.total(items.filter_map(&:worth))
        { "tally" => totals.any? ? totals.first(6).map(&:to_s).join(", ") : "0", "verdict" => judged(totals) }
      end

      private

      # Worked out once for all that lies there.
      def edge = @edge ||= outline

      def settle(values)
        Quantity.read(values["target"]) unless values["target"].empty?
        Units.new(values["units"]) unless values["units"].empty?
        super
      end

      def units_meant = @units_meant ||= units.empty? ? Units.known : Units.new(units)

      # Right when the total is the target, in whichever of the units that belong together; a count needs no unit. Nothing there is neither.
      def judged(totals)
        return "none" if target.empty? || totals.sum(&:amount).zero?
        wanted = Quantity.read(target)
        (measure == "count" ? totals.first.amount == wanted.amount : totals.one? && units_meant.equal?(totals.first, wanted)) ? "right" : "wrong"
      end

      def frame
        return Markup.tag("ellipse", cx: width / 2.0, cy: height / 2.0, rx: width / 2.0, ry: height / 2.0, **paint) if form == "round"
        Markup.tag("rect", width: width, height: height, rx: 22, **paint)
      end

      def heading
        return "" if title.empty?
        write(form == "round" ? width / 2.0 : 24, form == "round" ? 64 : 46, title, anchor: form == "round" ? "middle" : "start", colour: Usher::Colour::INK)
      end

      # The total at the foot, with a tick or a cross and the word where there is a target.
      def chip
        said = shown ? [ tally, { "right" => "✓ right", "wrong" => "✗ not yet" }[verdict] ].compact.join("  ") : "total hidden"
        colour = shown ? { "right" => Usher::Colour::LEAF, "wrong" => Usher::Colour::RUST }.fetch(verdict, Usher::Colour::TIDE) : Usher::Colour::SOFT
        wide = Usher::Text::Faces.fetch("read", bold: true).width(said) * 30 + 44
        left, top = form == "round" ? (width - wide) / 2.0 : width - wide - 16, height - CHIP - 16
        Markup.tag("rect", x: left, y: top, width: wide, height: CHIP, rx: CHIP / 2, fill: Usher::Colour::WHITE, stroke: colour, "stroke-width": 3) +
          write(left + wide / 2, top + 39, said, anchor: "middle", colour: colour)
      end

      def write(x, y, text, anchor:, colour:)
        Markup.tag("text", { x: x, y: y, "text-anchor": anchor, "font-family": Usher::Text::Faces.family("read"), "font-size": 30, "font-weight": 700, fill: colour }, Markup.escape(text))
      end
    end
  end
end
