module Usher
  module Types
    # The points of a stroke: [x, y], [x, y, pressure] or [x, y, pressure, ms since the pen went down].
    # x and y in page units; pressure 0 to 1, or nil where the device has none; times never go back.
    class Points
      MAX = 5_000
      REACH = 100_000

      def call(value)
        raise Invalid, "must be a list of points" unless value.is_a?(Array)
        raise Invalid, "has no points" if value.empty?
        raise Invalid, "has more than #{MAX} points" if value.size > MAX
        last = 0
        points = value.map do |point|
          x, y, pressure, ms = point if point.is_a?(Array) && point.size.between?(2, 4)
          raise Invalid, "has a point that is not on or near the page" unless within?(x, REACH) && within?(y, REACH)
          raise Invalid, "has a pressure that is not from 0 to 1" unless pressure.nil? || (within?(pressure, 1) && pressure >= 0)
          raise Invalid, "has a time that is not in order" unless ms.nil? || (within?(ms, 3_600_000) && ms >= last)
          last = ms if ms
          [ x.to_f.round(2), y.to_f.round(2), pressure&.to_f&.round(3), last.round ]
        end
        Usher::Ink::Points.new(points)
      end

      private

      def within?(value, reach) = value.is_a?(Numeric) && value.to_f.finite? && value.abs <= reach
    end
  end
end
