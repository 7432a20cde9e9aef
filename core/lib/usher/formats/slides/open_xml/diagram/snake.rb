module Usher
  module Formats
    module Slides
      # Boxes of one size in rows, as large as they can be, the last row in the middle; what belongs to one is a list in it.
      class OpenXml::Diagram::Snake < OpenXml::Diagram::Arrangement
        HIGH, GAP = 0.6, 0.1 # of their breadth

        def draw(entries, box)
          columns, wide = (1..entries.size).map { |count| [ count, breadth(count, (entries.size / count.to_f).ceil, box) ] }.max_by { |_, broad| broad }
          rows = entries.each_slice(columns).to_a
          top = box.y + (box.height - wide * (rows.size * HIGH + (rows.size - 1) * GAP)) / 2
          placed = rows.each_with_index.flat_map do |row, number|
            left = box.x + (box.width - wide * (row.size + (row.size - 1) * GAP)) / 2
            row.each_with_index.map { |entry, index| [ entry, Geometry::Box.new(left + index * wide * (1 + GAP), top + number * wide * (HIGH + GAP), wide, wide * HIGH, 0) ] }
          end
          size = letters(placed)
          placed.each { |entry, place| block(entry, place, size) }
        end

        private

        def breadth(columns, rows, box) = [ box.width / (columns + (columns - 1) * GAP), box.height / (rows * HIGH + (rows - 1) * GAP) ].min
      end
    end
  end
end
