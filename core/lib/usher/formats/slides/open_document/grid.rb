module Usher
  module Formats
    module Slides
      # A table (ISO/IEC 26300-1, 9).
      class OpenDocument::Grid
        Node, Inks, Writing = OpenDocument::Node, OpenDocument::Inks, OpenDocument::Writing
        MOST = 100 # columns or rows, however often they are repeated

        # Which parts of a template (16.18) hold for a cell, the nearest first: [name, whether the table uses them, for which
        # cells of how many rows and columns].
        PARTS = [ [ "first-row", "first-row", ->(row, _, _, _) { row.zero? } ], [ "last-row", "last-row", ->(row, _, rows, _) { row == rows - 1 } ],
          [ "first-column", "first-column", ->(_, column, _, _) { column.zero? } ], [ "last-column", "last-column", ->(_, column, _, columns) { column == columns - 1 } ],
          [ "even-rows", "banding-rows", ->(row, _, _, _) { row.even? } ], [ "odd-rows", "banding-rows", ->(row, _, _, _) { row.odd? } ],
          [ "even-columns", "banding-columns", ->(_, column, _, _) { column.even? } ], [ "odd-columns", "banding-columns", ->(_, column, _, _) { column.odd? } ] ].freeze

        def initialize(styles, table)
          @styles, @table = styles, table
          @template = @table["template-name"]&.then { |name| @styles.other("table-template", name) }
        end

        # Widths, heights (points) and cells, as Canvas#table takes them; the widths fill the box.
        def measures(box)
          columns, rows = named("table-column"), named("table-row")
          [ sizes(columns, "table-column", "column-width", box.width), heights(rows, box.height), rows.each_with_index.map { |row, down| cells(row, down, rows.size, columns.size) } ]
        end

        private

        # Also those of a heading, and repeated ones.
        def named(name)
          inside = [ @table, *@table.children.select { |node| node.name.match?(/\Atable-(header-)?(columns|rows)\z/) } ]
          inside.flat_map { |node| node.all(name) }.flat_map { |node| [ node ] * (node["number-#{name.delete_prefix('table-')}s-repeated"] || 1).to_i.clamp(1, MOST) }.first(MOST)
        end

        def heights(rows, room)
          known = said(rows, "table-row", "row-height")
          known.sum.zero? ? even(known, room) : known
        end

        def said(nodes, family, attribute) = nodes.map { |node| Node.points(@styles.of(family, node["style-name"], attribute)) || 0 }
        def even(known, room) = known.map { room / known.size }

        def sizes(nodes, family, attribute, room)
          known = said(nodes, family, attribute)
          return even(known, room) if known.sum.zero?
          room > known.sum ? known.map { |size| size * room / known.sum } : known
        end

        def cells(row, down, rows, count)
          all = row.children.flat_map { |cell| [ cell ] * (cell["number-columns-repeated"] || 1).to_i.clamp(1, MOST) }.first(count)
          all.each_with_index.map { |cell, across| read(cell, [ cell["style-name"] || row["default-cell-style-name"], *part(down, across, rows, count) ].compact) if cell.name == "table-cell" } + [ nil ] * (count - all.size)
        end

        # The names of the template's styles for this cell.
        def part(*place)
          return [] unless @template
          found = PARTS.filter_map { |name, use, holds| @template.at(name)&.[]("style-name") if @table["use-#{use}-styles"] == "true" && holds.(*place) }
          [ *found, @template.at("body")&.[]("style-name") ]
        end

        def read(cell, name)
          family = @styles.known?("table-cell", name) ? "table-cell" : "graphic" # a cell without looks of its own has those of a shape
          fill = Inks.new(@styles, family, name).fill
          Slides::Table::Cell.new(words: Writing.new(@styles, family, name).words(cell), fill: fill == "none" ? nil : fill, sides: sides(family, name), vertical: Writing::ANCHOR.fetch(@styles.of(family, name, "textarea-vertical-align"), "top"),
            across: (cell["number-columns-spanned"] || 1).to_i.clamp(1, MOST), down: (cell["number-rows-spanned"] || 1).to_i.clamp(1, MOST))
        end

        # Its lines (20.183), where there are any.
        def sides(family, name)
          Slides::Table::SIDES.to_h do |side|
            said = @styles.lineage(family, name).lazy.flat_map { |node| [ "border-#{side}", "border" ].flat_map { |border| [ true, false ].map { |words| OpenDocument::Styles.said(node, border, words: words) } } }.find(&:itself)
            [ side, line(said.to_s.downcase) ]
          end
        end

        # "0.5pt solid #1e6079"
        def line(said)
          colour = said[/#\h{6}/] or return
          Slides::Table::Line.new(colour, Node.points(said[/(?<!#)\b[\d.]+(cm|mm|in|pt|px)/]) || Slides::Table::USUAL)
        end
      end
    end
  end
end
