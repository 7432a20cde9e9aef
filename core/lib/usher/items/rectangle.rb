module Usher
  module Items
    # A rectangle, its corners rounded by `round` page units.
    class Rectangle < Shape
      prepend Clipped

      attribute :round, Types::Number.new(0..500), default: 0

      def draw = Markup.tag("rect", width: width, height: height, rx: (round if round.positive?), **paint)

      private

      # Its edge with the rounded corners, in its own units.
      def rim
        r = [ round, width / 2.0, height / 2.0 ].min
        return [ [ 0, 0 ], [ width, 0 ], [ width, height ], [ 0, height ] ] unless r.positive?
        Geometry::Polyline.ellipse(r, r).map { |x, y| [ x + (x.negative? ? r : width - r), y + (y.negative? ? r : height - r) ] }
      end
    end
  end
end
