module Usher
  module Formats
    module Slides
      # Which colour stands for what, beside or under the plot.
      class Chart::Legend
        LINE, APART, SQUARE = 1.25, 1.6, 0.6 # ems: from one entry to the next, where the file gives it more room, and its colour
        WIDEST = 0.33 # of the whole, at a side

        # entries: [[words, colour], ...]; side: see Chart::Style.
        def initialize(pen, entries, side)
          @pen, @entries, @side = pen, entries, side
        end

        # Draws it into a Box in points, or where the file puts it, and answers with what it leaves of the box.
        def draw(box, given = nil)
          return box.tap { wide?(given) ? across(given, from: 0.5) : beside(given, given.width, APART) } if given
          %w[left right].include?(@side) ? beside(box, box.width * WIDEST) : across(box)
        end

        private

        def ems(n) = n * @pen.letters
        def broad((words, _)) = @pen.width(words) + ems(SQUARE + 1.2)

        # Whether all of it has room in one row.
        def wide?(box) = @entries.sum { |entry| broad(entry) } <= box.width

        def beside(box, most, line = LINE)
          wide = [ @entries.map { |entry| broad(entry) }.max + ems(0.6), most ].min
          heights = @entries.map { |words, _| [ @pen.lines(words, wide - ems(SQUARE + 1.2)), 1 ].max * @pen.letters * Chart::Pen::LINE + ems(line - Chart::Pen::LINE) }
          heights.map! { |high| high * box.height / heights.sum } if heights.sum > box.height
          x, y = @side == "left" ? box.x : box.x + box.width - wide, box.y + (box.height - heights.sum) / 2
          @entries.zip(heights) do |entry, high|
            entry(entry, x + ems(0.3), y, wide - ems(0.3), high)
            y += high
          end
          Geometry::Box.new(box.x + (@side == "left" ? wide : 0), box.y, box.width - wide, box.height, 0)
        end

        # from: where in the box it begins, in shares of what it leaves.
        def across(box, from: @side == "top" ? 0 : 1)
          rows = @entries.each_with_object([ [] ]) { |entry, all| all.last.any? && (all.last + [ entry ]).sum { |one| broad(one) } > box.width ? all << [ entry ] : all.last << entry }
          high = rows.size * ems(LINE)
          top = box.y + (box.height - high) * from
          rows.each_with_index do |row, index|
            x = box.x + [ (box.width - row.sum { |entry| broad(entry) }) / 2, 0 ].max
            row.each do |entry|
              entry(entry, x, top + index * ems(LINE), [ broad(entry), box.width ].min, ems(LINE))
              x += broad(entry)
            end
          end
          Geometry::Box.new(box.x, box.y + (@side == "top" ? high : 0), box.width, box.height - high, 0)
        end

        def entry((words, colour), x, y, width, height)
          @pen.rectangle(x, y + (height - ems(SQUARE)) / 2, ems(SQUARE), ems(SQUARE), colour)
          @pen.write(words, x + ems(SQUARE + 0.3), y, width - ems(SQUARE + 0.3), height)
        end
      end
    end
  end
end
