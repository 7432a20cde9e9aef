module Usher
  module Formats
    module Slides
      # What a group does to the boxes in it: stretches, turns and mirrors them. All in points; angles in
      # degrees clockwise.
      class Matrix
        # outer: the group's box as it lies, with its angle; inner: the same box in the units of what is in
        # it; flips: of "across" and "down".
        def initialize(outer, inner, flips: [])
          @outer, @inner, @flips = outer, inner, flips
          @scale = [ [ outer.width, inner.width ], [ outer.height, inner.height ] ].map { |here, there| there.zero? ? 1.0 : here / there.to_f }
        end

        # A box of the group as it lies outside, and the flips it has there: [Geometry::Box, flips].
        def apply(box, flips)
          across, down = box.centre.zip([ @inner.x, @inner.y ], @scale).map { |at, from, scale| (at - from) * scale }
          across = @outer.width - across if @flips.include?("across")
          down = @outer.height - down if @flips.include?("down")
          x, y = @outer.to_page(across, down)
          width, height = (quarter?(box.angle) ? @scale.reverse : @scale).zip([ box.width, box.height ]).map { |scale, side| side * scale }
          angle = @flips.size == 1 ? -box.angle : box.angle
          [ Geometry::Box.new(x - width / 2, y - height / 2, width, height, (@outer.angle + angle).remainder(360)), (flips | @flips) - (flips & @flips) ]
        end

        private

        # Whether something turned so far lies on its side.
        def quarter?(angle) = ((angle % 180) - 90).abs < 45
      end
    end
  end
end
