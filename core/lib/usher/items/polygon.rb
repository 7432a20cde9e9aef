module Usher
  module Items
    # A closed shape with straight sides: its corners as shares of the box.
    class Polygon < Shape
      prepend Clipped

      CORNER = Types::List.new(Types::Number.new(0..1, digits: 4), 2..2)
      MOST = 60
      NAMES = { 3 => "Triangle", 4 => "Four-sided shape", 5 => "Pentagon", 6 => "Hexagon", 8 => "Octagon" }.freeze

      attribute :corners, Types::List.new(CORNER, 3..MOST)

      # The values of a polygon with these corners on the page: [[x, y], ...].
      def self.through(points)
        box = Geometry::Box.around(points)
        shares = points.map { |x, y| [ share(x - box.x, box.width), share(y - box.y, box.height) ] }
        { "x" => box.x.round(2), "y" => box.y.round(2), "width" => box.width.round(2), "height" => box.height.round(2), "angle" => 0, "corners" => shares }
      end

      # A new one may say only how many `sides` it has: then it is a regular one in its box.
      def self.build(given)
        return super unless given.key?("sides")
        sides = Invalid.about("The number of sides") { Types::Number.new(3..MOST, digits: 0).call(given["sides"]) }
        super(given.except("sides").merge("corners" => regular(sides)))
      end

      # Corners of a regular polygon with a corner at the top, stretched to fill its box.
      def self.regular(sides)
        round = (0...sides).map { |corner| Geometry.rotate([ 0, -1 ], 360.0 * corner / sides) }
        through(round)["corners"]
      end

      def self.share(along, whole) = whole.zero? ? 0.5 : (along / whole.to_f).round(4)
      private_class_method :share

      def draw = Markup.tag("path", d: closed(corners.map { |across, down| [ across * width, down * height ] }), **paint)

      def outline(**) = Geometry::Polyline.new(knots, closed: true)

      def flipped(axis) = { "corners" => corners.map { |across, down| axis == "across" ? [ 1 - across, down ] : [ across, 1 - down ] } }

      def label = NAMES.fetch(corners.size, "Polygon with #{corners.size} corners")

      def knots = corners.map { |corner| on_page(corner) }

      def bent(index, point)
        raise Invalid, "This shape has #{corners.size} corners." unless index < corners.size
        Polygon.through(knots.tap { |points| points[index] = point })
      end
    end
  end
end
