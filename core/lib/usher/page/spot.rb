module Usher
  module Page
    # Where something new comes to lie by itself: beside what is there, near to where it was asked for.
    class Spot
      STEP = 40 # page units between the places that are tried, and from the page's edge
      GAP = 20 # page units around it

      # taken: upright boxes (Geometry::Box) of what lies there; size: [width, height] of the page.
      def initialize(taken, size)
        @size = size
        @taken = taken.map { |box| [ box.x - GAP, box.y - GAP, box.x + box.width + GAP, box.y + box.height + GAP ] }
      end

      # The middle [x, y] for a thing of this width and height: nearest to `near` where it lies on nothing, or on the
      # least. The place counts as taken from then on.
      def take(width, height, near)
        x, y = tries(width, @size[0], near[0]).product(tries(height, @size[1], near[1])).min_by { |at| [ covered(*at, width, height), (at[0] - near[0])**2 + (at[1] - near[1])**2 ] }
        hold(width, height, [ x, y ])
      end

      # A thing of this width and height lies with its middle at `at`, whatever is there.
      def hold(width, height, at)
        @taken << [ at[0] - width / 2.0 - GAP, at[1] - height / 2.0 - GAP, at[0] + width / 2.0 + GAP, at[1] + height / 2.0 + GAP ]
        at
      end

      private

      # Middles along one side of the page at which it lies on the page: the one asked for, and others in steps.
      def tries(length, side, near)
        least, most = STEP + length / 2.0, side - STEP - length / 2.0
        return [ side / 2.0 ] if least >= most
        first = near.clamp(least, most)
        [ *first.step(most, STEP), *first.step(least, -STEP), least, most ].uniq
      end

      # How much of what is there it would lie on, in square page units.
      def covered(x, y, width, height)
        left, top, right, bottom = x - width / 2.0, y - height / 2.0, x + width / 2.0, y + height / 2.0
        @taken.sum do |l, t, r, b|
          across, down = (right < r ? right : r) - (left > l ? left : l), (bottom < b ? bottom : b) - (top > t ? top : t)
          across > 0 && down > 0 ? across * down : 0
        end
      end
    end
  end
end
