module Usher
  module Geometry
    # A rectangle on the page, turned by `angle` degrees about its centre.
    Box = Struct.new(:x, :y, :width, :height, :angle) do
      # The smallest upright box around the given [x, y, ...] points.
      def self.around(points)
        xs, ys = points.map { |point| point[0] }, points.map { |point| point[1] }
        new(xs.min, ys.min, xs.max - xs.min, ys.max - ys.min, 0)
      end

      def centre = [ x + width / 2.0, y + height / 2.0 ]

      # The four corners after turning, clockwise from the top left: [[x, y], ...].
      def corners
        [ [ 0, 0 ], [ width, 0 ], [ width, height ], [ 0, height ] ].map { |along, down| place(along, down) }
      end

      # A place given in the box's own units from its top left, after turning: [x, y] on the page.
      def place(along, down)
        dx, dy = Geometry.turn([ along - width / 2.0, down - height / 2.0 ], angle || 0)
        [ x + width / 2.0 + dx, y + height / 2.0 + dy ]
      end

      # The other way round: a place on the page in the box's own units from its top left.
      def inside((px, py))
        cx, cy = centre
        along, down = Geometry.turn([ px - cx, py - cy ], -(angle || 0))
        [ along + width / 2.0, down + height / 2.0 ]
      end

      # The upright box around this one.
      def bounds = (angle || 0).zero? ? self : Box.around(corners)

      # Whether the upright bounds of both share any point; touching edges count.
      def meets?(other)
        a, b = bounds, other.bounds
        a.x <= b.x + b.width && b.x <= a.x + a.width && a.y <= b.y + b.height && b.y <= a.y + a.height
      end
    end
  end
end
