module Usher
  module Items
    # What closed shapes share: an outline and a fill, either of which may be "none".
    class Shape < Item
      attribute :stroke, Types::Colour.new(none: true), default: Colour::INK
      attribute :stroke_width, Types::Number.new(0..200), default: 5
      attribute :dash, Dash::Type.new, default: "solid"
      attribute :fill, Types::Colour.new(none: true), default: "none"
      attribute :opacity, Types::Number.new(0.05..1), default: 1

      def filled(colour) = { "fill" => colour }

      private

      # fill "none" still catches a tap inside, so that the fill tool can find an empty shape.
      def paint
        { fill: fill, stroke: stroke, "stroke-width": stroke_width, "stroke-linejoin": "round", "stroke-dasharray": Dash.array(dash, stroke_width),
          "stroke-linecap": Dash.cap(dash, solid: nil), opacity: (opacity if opacity < 1), "pointer-events": "all" }
      end

      # SVG path data through [[x, y], ...] and back.
      def closed(points) = "M#{points.map { |x, y| "#{Markup.number(x)} #{Markup.number(y)}" }.join('L')}Z"
    end
  end
end
