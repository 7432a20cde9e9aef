module Usher
  module Ink
    # The points of a stroke, [[x, y, pressure or nil, ms or nil], ...], which never change. What is found out about them
    # is kept, because what was just written is what is cut, and what a stretch is like follows from the whole
    # (bench/erase).
    #
    # A position along them is the number of a point and the share of the way from it to the next: 2.25 is a quarter of
    # the way from point 2 to point 3.
    class Points < Array
      RUN = 12 # points that an eraser first looks at together
      NEXT = "],[".freeze # between two of them in JSON

      # Finds out beforehand what will be asked: a stroke comes alone, and is cut with a hundred others.
      def ready
        runs && starts
        self
      end

      def to_json(*) = @json ||= JSON.generate(to_a)

      # Left, top, right and bottom of the box around them.
      def bounds = @bounds ||= around(0, size - 1, *ends(self))

      # The boxes around runs of them: [[first index, last index, left, top, right, bottom], ...]; each run begins where
      # the one before it ended.
      def runs
        @runs ||= 0.step([ size - 2, 0 ].max, RUN).map do |first|
          last = first + RUN < size ? first + RUN : size - 1
          x, y = self[first]
          [ first, last, *walked(first + 1, last, x, y, x, y) ]
        end
      end

      # The points from one position to another, with pressure and time at ends in between.
      def stretch(from, to)
        first, last = from.ceil, to.floor
        head, tail = (at(from) if first > from), (at(to) if last < to)
        between = to_json.byteslice(starts[first], starts[last + 1] - starts[first] - 1) if first <= last
        json = "[#{written(head)}#{"," if head && between}#{between}#{"," if tail && (between || head)}#{written(tail)}]"
        part = Points.new(first <= last ? self[first..last] : [])
        part.unshift(head) if head
        part.push(tail) if tail
        part.knowing(json, around(first, last, *ends(part)))
      end

      # The point at a position.
      def at(position)
        share = position % 1
        a, b = self[position.floor, 2]
        return a if share.zero?
        pressure = a[2] && b[2] ? mix(a[2], b[2], share).round(3) : a[2]
        ms = a[3] && b[3] ? mix(a[3], b[3], share).round : a[3]
        [ mix(a[0], b[0], share).round(2), mix(a[1], b[1], share).round(2), pressure, ms ]
      end

      protected

      def knowing(json, bounds)
        @json, @bounds = json, bounds
        self
      end

      private

      # A point as JSON; nil as nothing.
      def written(point) = point && "[#{point[0]},#{point[1]},#{point[2] || "null"},#{point[3] || "null"}]"

      # Where the JSON of each point begins, and where that of one more would.
      def starts
        return @starts if @starts
        json, found, at = to_json, [ 1 ], 0
        found << at += 2 while (at = json.index(NEXT, at))
        @starts = found << json.bytesize
      end

      # The box around the first and the last of some points.
      def ends(points)
        (ax, ay), (bx, by) = points[0], points[-1]
        [ ax < bx ? ax : bx, ay < by ? ay : by, ax > bx ? ax : bx, ay > by ? ay : by ]
      end

      # A box widened so that the points from one to another are in it, by whole runs where it can.
      def around(first, last, left, top, right, bottom)
        while first <= last
          if first % RUN == 0 && first + RUN <= last
            _, _, west, north, east, south = runs[first / RUN]
            left, top = west < left ? west : left, north < top ? north : top
            right, bottom = east > right ? east : right, south > bottom ? south : bottom
            first += RUN
          else
            up_to = [ last, first - first % RUN + RUN - 1 ].min
            left, top, right, bottom = walked(first, up_to, left, top, right, bottom)
            first = up_to + 1
          end
        end
        [ left, top, right, bottom ]
      end

      # The same, point by point.
      def walked(index, last, left, top, right, bottom)
        while index <= last
          x, y = self[index]
          x < left ? left = x : (right = x if x > right)
          y < top ? top = y : (bottom = y if y > bottom)
          index += 1
        end
        [ left, top, right, bottom ]
      end

      def mix(a, b, share) = a + (b - a) * share
    end
  end
end
