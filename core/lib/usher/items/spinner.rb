module Usher
  module Items
    # A wheel with fields, each as likely as it is wide (its weight); a tap spins it.
    class Spinner < Faced
      prepend Curtained

      def self.sides = (2..24)
      def self.title = "A spinner"
      def self.laid = { width: 420, height: 420 }

      COLOURS = Classroom::Tools::Scores::COLOURS

      attribute :faces, Types::List.new(FACE, 2..24)

      def rolled(chance, seed) = super.merge("top" => chance.weighted(weights))

      # Drawn about its middle with a radius of 100; what is up lies under the hand.
      def draw
        fields = faces.zip(arcs).each_with_index.map { |(one, (from, till)), index| field(one, from, till, COLOURS[index % COLOURS.size]) }
        wheel = Markup.tag("g", { class: "wheel-turning", transform: "rotate(#{Markup.number(-arcs[top].sum / 2)})" }, fields.join)
        Markup.tag("g", { transform: "translate(#{Markup.number(width / 2.0)} #{Markup.number(height / 2.0)}) scale(#{(([ width, height ].min / 2.0 - 4) / 112.0).round(4)})" },
          wheel + Markup.tag("path", d: "M-10 -112H10L0 -88Z", fill: Colour::BRASS, stroke: Colour::INK) + Markup.tag("circle", r: 9, fill: Colour::BRASS))
      end

      private

      def weights = faces.map { |one| (one["weight"] || 1).to_i }

      # From where to where each field goes, in degrees clockwise from the top.
      def arcs
        from = 0.0
        @arcs ||= weights.map { |weight| [ from, from += weight * 360.0 / weights.sum ] }
      end

      def field(one, from, till, fill)
        across = [ (till - from) * Math::PI / 180 * 55, 62 ].min
        said = Markup.tag("g", { transform: "rotate(#{Markup.number((from + till) / 2)})" }, one["text"].to_s.empty? ? image(one["picture"], -across / 2, -94, across, 56) : named(one["text"], across))
        Markup.tag("path", d: sector(from, till), fill: fill, stroke: Colour::WHITE) + said
      end

      def named(text, room)
        size = 14.0
        face = Usher::Text::Faces.fetch("read", bold: true)
        size *= 0.92 while size > 5 && face.width(text) * size > [ room, 62 ].max
        Markup.tag("text", { y: -72, "text-anchor": "middle", "font-family": Usher::Text::Faces.family("read"), "font-size": size.round(1), "font-weight": 700, fill: Colour::WHITE }, Markup.escape(text[0, 40]))
      end

      def sector(from, till)
        ends = [ from, till ].map { |angle| [ Math.sin(angle * Math::PI / 180) * 100, -Math.cos(angle * Math::PI / 180) * 100 ].map { |number| Markup.number(number) }.join(" ") }
        "M0 0L#{ends[0]}A100 100 0 #{till - from > 180 ? 1 : 0} 1 #{ends[1]}Z"
      end
    end
  end
end
