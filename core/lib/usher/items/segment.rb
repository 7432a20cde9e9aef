module Usher
  module Items
    # What straight lines share: two ends, as shares of the box ([0, 0] is its top left, [1, 1] its
    # bottom right), so that moving and resizing only change the box.
    class Segment < Item
      def self.by_knots? = true

      END_POINT = Types::List.new(Types::Number.new(0..1, digits: 4), 2..2)

      attribute :ends, Types::List.new(END_POINT, 2..2), default: [ [ 0, 0 ], [ 1, 1 ] ]
      attribute :stroke, Types::Colour.new, default: Colour::INK
      attribute :stroke_width, Types::Number.new(Usher::Ink::STROKE_WIDTHS), default: 5
      attribute :dash, Dash::Type.new, default: "solid"
      attribute :opacity, Types::Number.new(0.05..1), default: 1

      # The values of a segment from one point on the page to another.
      def self.between(from, to)
        box = Geometry::Box.around([ from, to ])
        ends = [ from, to ].map { |x, y| [ box.width.zero? ? 0 : (x - box.x) / box.width, box.height.zero? ? 0 : (y - box.y) / box.height ].map { |share| share.round(4) } }
        { "x" => box.x.round(2), "y" => box.y.round(2), "width" => box.width.round(2), "height" => box.height.round(2), "angle" => 0, "ends" => ends }
      end

      def filled(colour) = { "stroke" => colour }

      def knots = ends.map { |share| on_page(share) }

      def bent(index, point)
        raise Invalid, "A line has two ends." unless index.between?(0, 1)
        Segment.between(*knots.tap { |both| both[index] = point })
      end

      def outline(**) = Geometry::Polyline.new(knots)

      def flipped(axis) = { "ends" => ends.map { |across, down| axis == "across" ? [ 1 - across, down ] : [ across, 1 - down ] } }

      private

      # Both ends in page units, relative to the box: [[x, y], [x, y]].
      def tips = ends.map { |across, down| [ across * width, down * height ] }

      def faint = (opacity if opacity < 1)

      def stroke_between(from, to, opacity: faint)
        Markup.tag("line", x1: from[0], y1: from[1], x2: to[0], y2: to[1], stroke: stroke, "stroke-width": stroke_width,
          "stroke-linecap": Dash.cap(dash), "stroke-dasharray": Dash.array(dash, stroke_width), opacity: opacity)
      end
    end
  end
end
