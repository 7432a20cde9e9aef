module Usher
  module Items
    # A set square: a right angle at its bottom left, 45 degrees at both other corners or 30 and 60.
    # Ink begun beside it follows its edge.
    class SetSquare < Item
      def self.even? = true

      HOLE = 0.27 # the hole in the middle, as a share of the whole

      attribute :width, Types::Number.new(100..5_000), default: 520
      attribute :height, Types::Number.new(0..5_000), default: 0
      attribute :corner, Types::Choice.new(45, 30), default: 45
      attribute :unit, Types::Choice.new("cm", "units"), default: "cm"

      def draw
        hole = inner.reverse
        Measure.body("path", d: "#{path(outer)}#{path(hole)}", "fill-rule": "evenodd", "stroke-linejoin": "round") +
          Markup.tag("g", { transform: "translate(0 #{Markup.number(height)})" }, Measure.ticks(length: width, unit: unit, up: true))
      end

      def counts? = false

      # All three, with the free side outside.
      def edges
        corners = outer.map { |along, down| box.to_page(along, down) }
        corners.each_index.map { |index| [ corners[index], corners[(index + 1) % 3] ] }
      end

      def label = corner == 45 ? "Set square, 45 degrees" : "Set square, 30 and 60 degrees"

      def scaled(across, down) = super.except("height").merge("width" => width * Math.sqrt(across * down))

      private

      def settle(values) = super.merge("height" => (values["width"] * (values["corner"] == 45 ? 1 : Math.tan(Math::PI / 6))).round(2))

      # Clockwise on the page from the top: right angle at the bottom left.
      def outer = [ [ 0, 0 ], [ width, height ], [ 0, height ] ]

      def inner
        middle = [ width / 3.0, height * 2 / 3.0 ]
        outer.map { |point| point.zip(middle).map { |at, centre| centre + (at - centre) * HOLE } }
      end

      def path(points) = "M#{points.map { |x, y| "#{Markup.number(x)} #{Markup.number(y)}" }.join('L')}Z"
    end
  end
end
