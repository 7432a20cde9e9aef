module Usher
  module Geometry
    # What of polygons and polylines lies outside of convex quadrilaterals. Points are [x, y]; a quadrilateral has its
    # corners clockwise as they are seen (y points down), as Box#corners has them.
    module Clip
      LEAST = 1e-6 # units; what is thinner is nothing

      module_function

      # The pieces of a closed polygon outside of all quadrilaterals, as polygons that only share edges; together they cover
      # just that. Half-plane after half-plane (Sutherland and Hodgman).
      def polygon(points, quads)
        quads.inject([ points ]) { |pieces, quad| pieces.flat_map { |piece| around(piece, quad) } }
      end

      # The pieces of a polyline outside of all quadrilaterals, as polylines. margin: how much larger those are on every side.
      def polyline(points, quads, margin: 0)
        quads.inject([ points ]) { |pieces, quad| pieces.flat_map { |piece| left_of(piece, quad, margin) } }
      end

      # A polygon without one quadrilateral: what lies beyond its first side, then of the rest what lies beyond the second...
      def around(polygon, quad)
        rest, pieces = polygon, []
        sides(quad).each do |side|
          beyond, rest = half(rest, side, -1), half(rest, side, 1)
          pieces << beyond if beyond.size > 2
          break if rest.size < 3
        end
        pieces
      end

      # What of a polygon lies within (sign 1) or beyond (-1) a side.
      def half(polygon, side, sign)
        polygon.each_with_index.flat_map do |point, index|
          before = polygon[index - 1]
          was, is = [ before, point ].map { |one| sign * depth(side, one) }
          met = between(before, point, was / (was - is)) if (was > LEAST && is < -LEAST) || (was < -LEAST && is > LEAST)
          [ *([ met ] if met), *([ point ] if is >= -LEAST) ]
        end
      end

      # The pieces of a polyline that are not within a quadrilateral; each line of it by Cyrus and Beck's intervals.
      def left_of(points, quad, margin)
        runs = [ [] ]
        points.each_cons(2) do |a, b|
          from, to = within(a, b, quad, margin)
          next runs.last.push(*([ a ] if runs.last.empty?), b) unless from
          runs.last.push(*([ a ] if runs.last.empty?), between(a, b, from)) if from > 0
          runs << (to < 1 ? [ between(a, b, to), b ] : [])
        end
        runs.select { |run| run.size > 1 }
      end

      # The part of a line within a quadrilateral, as shares of its length: [from, to], or nil.
      def within(a, b, quad, margin)
        from, to = 0.0, 1.0
        sides(quad).each do |side|
          was, is = depth(side, a) + margin, depth(side, b) + margin
          return if was < 0 && is < 0
          from = [ from, was / (was - is) ].max if was < 0
          to = [ to, was / (was - is) ].min if is < 0
        end
        [ from, to ] if to - from > LEAST
      end

      # Each side of a quadrilateral: [corner, [dx, dy] of its direction, of length 1].
      def sides(quad)
        [ *quad, quad.first ].each_cons(2).filter_map do |(ax, ay), (bx, by)|
          long = Math.hypot(bx - ax, by - ay)
          [ [ ax, ay ], [ (bx - ax) / long, (by - ay) / long ] ] if long > LEAST
        end
      end

      # How far within a side a point lies, in units; less than nothing beyond it.
      def depth((corner, way), point) = way[0] * (point[1] - corner[1]) - way[1] * (point[0] - corner[0])

      def between((ax, ay), (bx, by), share) = [ ax + (bx - ax) * share, ay + (by - ay) * share ]
    end
  end
end
