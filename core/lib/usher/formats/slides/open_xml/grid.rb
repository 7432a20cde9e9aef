module Usher
  module Formats
    module Slides
      # A table (ISO/IEC 29500-1, 21.1.3).
      class OpenXml::Grid
        Part, Writing = OpenXml::Part, OpenXml::Writing
        LINES = { "left" => "lnL", "top" => "lnT", "right" => "lnR", "bottom" => "lnB" }.freeze
        MARGINS = %w[marL marT marR marB].freeze

        def initialize(part, inks, placeholders, table)
          @part, @inks, @placeholders, @table = part, inks, placeholders, table
        end

        # Widths, heights (points) and cells, as Canvas#table takes them. Columns fill the box; rows are as high as they say, and as
        # their words need: what the box says of that may be older.
        def measures(box)
          rows, @ground = Part.all(@table, "tr"), @inks.fill(Part.at(@table, "tblPr")) # what lies behind all cells
          widths, heights = points(Part.all(@table, "tblGrid", "gridCol"), "w"), points(rows, "h")
          @style = OpenXml::TableStyle.new(@placeholders.table_styles, @table, @inks, rows: rows.size, columns: widths.size)
          [ stretched(widths, box.width), heights, rows.each_with_index.map { |row, number| cells(row, number, widths.size) } ]
        end

        private

        def points(nodes, name) = nodes.map { |node| node[name].to_f / OpenXml::POINT }

        # At least as broad as the box; alike where none says anything.
        def stretched(sizes, room)
          return sizes.map { room / sizes.size.to_f } if sizes.sum.zero?
          room > sizes.sum ? sizes.map { |size| size * room / sizes.sum } : sizes
        end

        def cells(row, number, count)
          all = Part.all(row, "tc").first(count).map.with_index { |cell, column| read(cell, number, column) unless covered?(cell) }
          all + [ nil ] * (count - all.size)
        end

        def covered?(cell) = %w[hMerge vMerge].any? { |name| %w[1 true].include?(cell[name]) }

        def read(cell, row, column)
          own = Part.at(cell, "tcPr")
          fill = @inks.fill_over(own, Colour::WHITE) || @style.fill(row, column)
          fill = @ground if fill == "none"
          words = Writing.new(@part, @inks, [ Part.at(cell, "txBody") ].compact, @placeholders.styles(cell), lettering: @style.lettering(row, column), bold: @style.bold?(row, column), even: false).words(MARGINS.map { |name| own&.[](name) }, way: own&.[]("vert"))
          sides = LINES.to_h { |side, name| [ side, line(Part.at(own, name), @style.line(side, row, column)) ] }
          Slides::Table::Cell.new(words: words, fill: seen(fill), sides: sides, vertical: Writing::ANCHOR.fetch(own&.[]("anchor"), "top"), across: [ cell["gridSpan"].to_i, 1 ].max, down: [ cell["rowSpan"].to_i, 1 ].max)
        end

        # own: what the cell says of it; styled: its colour and width (points) in the table's style.
        def line(own, styled)
          colour = seen(@inks.fill(own) || styled&.first) or return
          Slides::Table::Line.new(colour, own&.[]("w")&.to_f&./(OpenXml::POINT) || styled&.last || Slides::Table::USUAL, @inks.dash([ own ].compact))
        end

        def seen(colour) = (colour unless colour == "none")
      end
    end
  end
end
