module Usher
  module Items
    # An ellipse that fills its box.
    class Ellipse < Shape
      def draw = Markup.tag("ellipse", cx: width / 2.0, cy: height / 2.0, rx: width / 2.0, ry: height / 2.0, **paint)
    end
  end
end
