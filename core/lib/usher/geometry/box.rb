module Usher
  module Geometry
    # A rectangle on the page, rotated by `angle` degrees about its centre.
    Box = Struct.new(:x, :y, :width, :height, :angle) do
      # The bounding box (upright) of the given [x, y, ...] points.
      def self.around(points)
        xs, ys = points.map { |point| point[0] }, points.map { |point| point[1] }
        new(xs.min, ys.min, xs.max - xs.min, ys.max - ys.min, 0)
      end

      # Of upright boxes those that meet become one around them, until none do.
      def self.gathered(boxes)
        boxes.inject([]) do |apart, box|
          met, others = apart.partition { |one| one.meets?(box) }
          met.empty? ? [ *apart, box ] : gathered([ *others, around([ box, *met ].flat_map(&:corners)) ])
        end
      end

      def centre = [ x + width / 2.0, y + height / 2.0 ]

      # The four corners after the rotation, clockwise from the top left: [[x, y], ...].
      def corners
        [ [ 0, 0 ], [ width, 0 ], [ width, height ], [ 0, height ] ].map { |x, y| to_page(x, y) }
      end

      # A point in the box's own coordinates (page units from its top left corner) as [x, y] on the page.
      def to_page(along, down)
        dx, dy = Geometry.rotate([ along - width / 2.0, down - height / 2.0 ], angle || 0)
        [ x + width / 2.0 + dx, y + height / 2.0 + dy ]
      end

      # The inverse: a point of the page in the box's own coordinates.
      def to_local((px, py))
        cx, cy = centre
        along, down = Geometry.rotate([ px - cx, py - cy ], -(angle || 0))
        [ along + width / 2.0, down + height / 2.0 ]
      end

      # The bounding box of this one (upright).
      def bounds = (angle || 0).zero? ? self : Box.around(corners)

      # The area that the bounds of two boxes have in common, in square page units.
      def overlap(other)
        mine, theirs = bounds, other.bounds
        across = [ mine.x + mine.width, theirs.x + theirs.width ].min - [ mine.x, theirs.x ].max
        down = [ mine.y + mine.height, theirs.y + theirs.height ].min - [ mine.y, theirs.y ].max
        across.positive? && down.positive? ? across * down : 0
      end

      # Whether the bounding boxes of both share any point; touching edges count.
      def meets?(other)
        a, b = bounds, other.bounds
        a.x <= b.x + b.width && b.x <= a.x + a.width && a.y <= b.y + b.height && b.y <= a.y + a.height
      end
    end
  end
end
