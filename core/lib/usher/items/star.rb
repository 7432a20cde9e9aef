module Usher
  module Items
    # A star with any number of points, one of them at the top, that fills its box.
    class Star < Shape
      attribute :tips, Types::Number.new(3..60, digits: 0), default: 5
      # How far the inner corners are from the middle, as a share of the outer ones.
      attribute :depth, Types::Number.new(0.1..0.95), default: 0.45

      def draw
        around = (0...2 * tips).map { |corner| Geometry.turn([ 0, corner.even? ? -1 : -depth ], 180.0 * corner / tips) }
        box = Geometry::Box.around(around)
        Markup.tag("path", d: closed(around.map { |x, y| [ (x - box.x) / box.width * width, (y - box.y) / box.height * height ] }), **paint)
      end

      def label = "Star with #{tips} points"
    end
  end
end
