module Usher
  module Items
    # A straight line.
    class Line < Segment
      prepend Clipped

      def draw = stroke_between(*tips)
    end
  end
end
