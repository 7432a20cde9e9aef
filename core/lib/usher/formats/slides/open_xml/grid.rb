module Usher
  module Formats
    module Slides
      # A table (ISO/IEC 29500-1, 21.1.3). Of a table's style only its heading row is known: bold and in the
      # first accent of the theme.
      class OpenXml::Grid
        Part, Writing = OpenXml::Part, OpenXml::Writing

        def initialize(part, inks, placeholders, table)
          @part, @inks, @placeholders, @table = part, inks, placeholders, table
        end

        # Widths, heights (points) and cells, as Canvas#table takes them, stretched to fill the box.
        def measures(box)
          rows = Part.all(@table, "tr")
          widths, heights = points(Part.all(@table, "tblGrid", "gridCol"), "w"), points(rows, "h")
          [ stretched(widths, box.width), stretched(heights, box.height), rows.each_with_index.map { |row, number| cells(row, number, widths.size) } ]
        end

        private

        def points(nodes, name) = nodes.map { |node| node[name].to_f / OpenXml::POINT }

        # At least as much as the box, as some programs leave rows too low for their words; alike where none says anything.
        def stretched(sizes, room)
          return sizes.map { room / sizes.size.to_f } if sizes.sum.zero?
          room > sizes.sum ? sizes.map { |size| size * room / sizes.sum } : sizes
        end

        def cells(row, number, count)
          all = Part.all(row, "tc").first(count).map { |cell| read(cell, heading: number.zero? && Part.at(@table, "tblPr")&.[]("firstRow") == "1") unless covered?(cell) }
          all + [ nil ] * (count - all.size)
        end

        def covered?(cell) = %w[hMerge vMerge].any? { |name| %w[1 true].include?(cell[name]) }

        def read(cell, heading:)
          fill = @inks.fill(Part.at(cell, "tcPr"))
          heading &&= fill.nil?
          words = Writing.new(@part, @inks, [ Part.at(cell, "txBody") ].compact, @placeholders.styles(cell), lettering: (Colour::WHITE if heading)).words
          words.run&.bold = true if heading
          Slides::Table::Cell.new(words: words, fill: fill == "none" ? nil : fill || (@inks.of_theme("accent1") if heading), across: [ cell["gridSpan"].to_i, 1 ].max, down: [ cell["rowSpan"].to_i, 1 ].max)
        end
      end
    end
  end
end
