module Usher
  module Page
    # Where things that are being moved may snap to: edges and middles of what lies near them and of
    # the page, and places where the gaps to their neighbours are equal. Computed once when a drag
    # begins; the board only picks the nearest and shows its lines.
    class Guides
      MOST = 150 # along each axis
      IGNORED = %w[ink cover].freeze # kinds that nothing snaps to: strokes are many, covers come off
      AXES = { "across" => [ :x, :width, :y, :height ], "down" => [ :y, :height, :x, :width ] }.freeze

      # moving: the upright box of what moves; others: the upright boxes around it; size: the page's
      # [width, height].
      def initialize(moving, others, size: SIZE)
        @moving, @others = moving, others
        @page = Geometry::Box.new(0, 0, *size, 0)
      end

      # { "across" => [guide, ...], "down" => [...] }, each guide { "by" => how far the box moves along
      # the axis to snap (page units), "lines" => [[at, from, to], ...] to show across the axis, and for
      # equal gaps "within" => [from, to]: where the box must be on the other axis, with "gaps" =>
      # [[from, to, at], ...] to show along it }.
      def to_h = AXES.to_h { |name, axis| [ name, guides(*axis) ] }

      private

      def guides(start, size, cross, depth)
        lined = [ @page, *@others ].flat_map { |box| lines(box, start, size, cross, depth) }
        all = gaps(start, size, cross, depth) + lined.group_by { |guide| guide["by"] }.map { |by, same| { "by" => by, "lines" => same.flat_map { |guide| guide["lines"] }.uniq.first(4) } }
        all.sort_by { |guide| guide["by"].abs }.first(MOST)
      end

      # Edges to edges and middles to middles; an edge also to the edge across.
      def lines(box, start, size, cross, depth)
        low, high = box[start], box[start] + box[size]
        mine = { low: @moving[start], middle: @moving[start] + @moving[size] / 2.0, high: @moving[start] + @moving[size] }
        [ [ low, :low ], [ low, :high ], [ (low + high) / 2.0, :middle ], [ high, :low ], [ high, :high ] ].map do |at, own|
          { "by" => (at - mine[own]).round(2), "lines" => [ [ at.round(2), box[cross].round(2), (box[cross] + box[depth]).round(2) ] ] }
        end
      end

      # Beside a pair of neighbours at their own gap, and midway between the two.
      def gaps(start, size, cross, depth)
        row = @others.select { |box| overlaps?(box, cross, depth) }.sort_by { |box| box[start] }.first(24)
        row.combination(2).flat_map do |a, b|
          a_end, b_end = a[start] + a[size], b[start] + b[size]
          gap = b[start] - a_end
          next [] if gap.negative?
          spots = { b_end + gap => [ [ a_end, b[start] ], [ b_end, b_end + gap ] ], a[start] - gap - @moving[size] => [ [ a[start] - gap, a[start] ], [ a_end, b[start] ] ] }
          room = (gap - @moving[size]) / 2.0
          spots[a_end + room] = [ [ a_end, a_end + room ], [ a_end + room + @moving[size], b[start] ] ] if room >= 0
          within = [ [ a[cross], b[cross] ].max - @moving[depth], [ a[cross] + a[depth], b[cross] + b[depth] ].min ]
          next [] if within[0] > within[1]
          at = ([ a[cross], b[cross] ].max + [ a[cross] + a[depth], b[cross] + b[depth] ].min) / 2.0
          spots.map { |place, shown| { "by" => (place - @moving[start]).round(2), "within" => within.map { |n| n.round(2) }, "lines" => [], "gaps" => shown.map { |from, to| [ from.round(2), to.round(2), at.round(2) ] } } }
        end
      end

      # Whether a box comes level with the moving one anywhere within its own height of it.
      def overlaps?(box, cross, depth) = (box[cross] + box[depth] / 2.0 - @moving[cross] - @moving[depth] / 2.0).abs <= (box[depth] + @moving[depth])
    end
  end
end
