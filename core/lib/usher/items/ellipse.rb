module Usher
  module Items
    # An ellipse that fills its box.
    class Ellipse < Shape
      prepend Clipped

      def outline(inset: [ 0, 0 ])
        radii = [ width, height ].zip(inset).map { |side, by| [ side / 2.0 - by, 0 ].max }
        Geometry::Polyline.new(Geometry::Polyline.ellipse(*radii).map { |along, down| box.to_page(along + width / 2.0, down + height / 2.0) }, closed: true)
      end

      def draw = Markup.tag("ellipse", cx: width / 2.0, cy: height / 2.0, rx: width / 2.0, ry: height / 2.0, **paint)
    end
  end
end
