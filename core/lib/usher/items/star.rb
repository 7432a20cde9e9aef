module Usher
  module Items
    # A star with any number of points, one of them at the top, that fills its box.
    class Star < Shape
      prepend Clipped

      attribute :tips, Types::Number.new(3..60, digits: 0), default: 5
      # How far the inner corners are from the middle, as a share of the outer ones.
      attribute :depth, Types::Number.new(0.1..0.95), default: 0.45

      def draw = Markup.tag("path", d: closed(corners), **paint)

      def outline(**) = Geometry::Polyline.new(corners.map { |corner| box.to_page(*corner) }, closed: true)

      # It looks the same in a mirror; upside down it is turned round.
      def flipped(axis) = axis == "down" ? { "angle" => (180 - angle).remainder(360) } : {}

      def label = "Star with #{tips} points"

      private

      # All of them in the box's own units.
      def corners
        around = (0...2 * tips).map { |corner| Geometry.rotate([ 0, corner.even? ? -1 : -depth ], 180.0 * corner / tips) }
        frame = Geometry::Box.around(around)
        around.map { |x, y| [ (x - frame.x) / frame.width * width, (y - frame.y) / frame.height * height ] }
      end
    end
  end
end
