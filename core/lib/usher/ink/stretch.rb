module Usher
  module Ink
    # Part of a stroke, from one position along it to another. A position is the number of a point and the share of
    # the way from it to the next: 2.25 is a quarter of the way from point 2 to point 3.
    module Stretch
      module_function

      # points: [[x, y, pressure or nil, ms or nil], ...]. Answers with those of the stretch, pressure and time at
      # ends in between.
      def points(points, from, to)
        found = points[from.ceil..to.floor]
        found.unshift(at(points, from)) unless from % 1 == 0
        found.push(at(points, to)) unless to % 1 == 0
        found
      end

      # The point at a position.
      def at(points, position)
        share = position % 1
        a, b = points[position.floor, 2]
        return a if share.zero?
        pressure = a[2] && b[2] ? mix(a[2], b[2], share).round(3) : a[2]
        ms = a[3] && b[3] ? mix(a[3], b[3], share).round : a[3]
        [ mix(a[0], b[0], share).round(2), mix(a[1], b[1], share).round(2), pressure, ms ]
      end

      def mix(a, b, share) = a + (b - a) * share
    end
  end
end
