module Usher
  module Ink
    # Draws along the edge of a ruler or a set square: every point goes to the nearest place beside
    # the edge, so that the ink's own side touches it exactly.
    module StraightEdge
      module_function

      # edges: [[[x, y], [x, y]], ...] in page units, each with the free side to its left when looking
      # from the first end to the second (y grows downwards). points: [[x, y, ...], ...].
      # Answers with the points along the edge nearest to the first of them, half a stroke width away.
      def draw(points, edges, stroke_width)
        edge = edges.min_by { |one| distance(points.first, one) }
        (ax, ay), (bx, by) = edge
        length = Math.hypot(bx - ax, by - ay)
        ux, uy = (bx - ax) / length, (by - ay) / length
        ox, oy = uy * stroke_width / 2, -ux * stroke_width / 2
        points.map do |x, y, *rest|
          along = ((x - ax) * ux + (y - ay) * uy).clamp(0, length)
          [ (ax + ux * along + ox).round(2), (ay + uy * along + oy).round(2), *rest ]
        end
      end

      # From a place to the nearest place of the edge, in page units.
      def distance((x, y), ((ax, ay), (bx, by)))
        dx, dy = bx - ax, by - ay
        share = (((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy).to_f).clamp(0, 1)
        Math.hypot(x - ax - dx * share, y - ay - dy * share)
      end
    end
  end
end
