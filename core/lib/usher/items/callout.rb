module Usher
  module Items
    # A speech bubble: a rounded card with a tail that points at something. `tail` is its tip, as
    # shares of the box.
    class Callout < Card
      def self.inset = 26

      TIP = Types::List.new(Types::Number.new(-50..50, digits: 4), 2..2)
      ROUND = 26.0

      attribute :card, Types::Colour.new, default: Colour::WHITE
      attribute :size, Types::Number.new(8..400), default: 34
      attribute :align, Types::Choice.new(*ALIGNS), default: "middle"
      attribute :stroke, Types::Colour.new(none: true), default: Colour::INK
      attribute :stroke_width, Types::Number.new(0..200), default: 4
      attribute :tail, TIP, default: [ 0.2, 1.45 ]

      def draw
        Markup.tag("path", d: bubble, fill: card, stroke: stroke, "stroke-width": stroke_width, "stroke-linejoin": "round") + write
      end

      def flipped(axis) = { "tail" => axis == "across" ? [ 1 - tail[0], tail[1] ] : [ tail[0], 1 - tail[1] ] }

      def knots = [ on_page(tail) ]

      def bent(_index, point)
        along, down = box.to_local(point)
        { "tail" => [ along / [ width, 1 ].max, down / [ height, 1 ].max ].map { |share| share.clamp(-50, 50).round(4) } }
      end

      private

      def top = centred

      def own_looks = super + %w[stroke stroke_width tail]

      # Clockwise from the top left; the tail leaves the side that it points away from most.
      def bubble
        r = [ ROUND, width / 2.0, height / 2.0 ].min
        sides = { top: [ [ r, 0 ], [ width - r, 0 ] ], right: [ [ width, r ], [ width, height - r ] ], bottom: [ [ width - r, height ], [ r, height ] ], left: [ [ 0, height - r ], [ 0, r ] ] }
        out = +"M#{pair(sides[:top][0])}"
        sides.each_with_index do |(side, (from, to)), index|
          out << "A#{n(r)} #{n(r)} 0 0 1 #{pair(from)}" unless index.zero?
          out << tail_from(from, to) if side == tail_side
          out << "L#{pair(to)}"
        end
        out << "A#{n(r)} #{n(r)} 0 0 1 #{pair(sides[:top][0])}Z"
      end

      def tail_side
        across, down = tail[0] - 0.5, tail[1] - 0.5
        return if across.abs <= 0.5 && down.abs <= 0.5
        across.abs > down.abs ? (across.positive? ? :right : :left) : (down.positive? ? :bottom : :top)
      end

      # The way round the tail between two corners of a side.
      def tail_from((ax, ay), (bx, by))
        tip = [ tail[0] * width, tail[1] * height ]
        long = Math.hypot(bx - ax, by - ay)
        return "" if long < 1
        ux, uy = (bx - ax) / long, (by - ay) / long
        half = [ 28.0, long / 2 ].min
        foot = ((tip[0] - ax) * ux + (tip[1] - ay) * uy).clamp(half, long - half)
        "L#{pair([ ax + ux * (foot - half), ay + uy * (foot - half) ])}L#{pair(tip)}L#{pair([ ax + ux * (foot + half), ay + uy * (foot + half) ])}"
      end

      def n(number) = Markup.number(number)
      def pair(point) = point.map { |number| Markup.number(number) }.join(" ")
    end
  end
end
