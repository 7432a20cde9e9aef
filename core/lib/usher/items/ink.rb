module Usher
  module Items
    # A pen's stroke. A new stroke arrives as it was drawn, with `points` in page units and no box;
    # the item finds its box and keeps the points relative to it, with the box's first size as
    # `span`, so that a resize only changes the box.
    class Ink < Item
      attribute :points, Types::Points.new
      attribute :span, Types::List.new(Types::Number.new(0..20_000), 2..2)
      attribute :colour, Types::Colour.new, default: Colour::INK
      attribute :breadth, Types::Number.new(Usher::Ink::BREADTHS), default: 6

      def self.build(given)
        given = fresh(given) unless given.key?("span")
        super(given)
      end

      def self.fresh(given)
        points = Invalid.about("The stroke") { Types::Points.new.call(given["points"]) }
        box = Geometry::Box.around(points)
        local = points.map { |x, y, *rest| [ (x - box.x).round(2), (y - box.y).round(2), *rest ] }
        given.merge("points" => local, "span" => [ box.width, box.height ].map { |side| side.round(2) },
          "x" => box.x, "y" => box.y, "width" => box.width.round(2), "height" => box.height.round(2))
      end
      private_class_method :fresh

      def draw
        return Markup.tag("path", d: Usher::Ink::Outline.new(placed, pen).path, fill: colour) if pressed?
        Markup.tag("path", d: Usher::Ink::Curve.new(placed).path, fill: "none", stroke: colour,
          "stroke-width": pen, "stroke-linecap": "round", "stroke-linejoin": "round")
      end

      def label = "Drawing"

      # Milliseconds from the first point to the last.
      def duration = points.last[3]

      private

      def pressed? = points.any? { |point| point[2] }

      def scale = @scale ||= [ width, height ].zip(span).map { |now, was| was.zero? ? 1.0 : now / was }

      def placed = points.map { |x, y, pressure| [ x * scale[0], y * scale[1], pressure ] }

      # The pen grows with what it drew, by the mean of both directions.
      def pen = breadth * Math.sqrt([ scale[0] * scale[1], 0.0001 ].max)
    end
  end
end
