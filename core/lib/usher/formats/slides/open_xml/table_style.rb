module Usher
  module Formats
    module Slides
      # How a table's style paints its cells (ISO/IEC 29500-1, 20.1.4.2.27): the whole table, its bands, its first and last
      # column and row, of which the later ones win.
      class OpenXml::TableStyle
        Part = OpenXml::Part
        SIDES = { "left" => "insideV", "top" => "insideH", "right" => "insideV", "bottom" => "insideH" }.freeze # and what stands for them within the table
        ROW, COLUMN = /Row\z|H\z/, /Col\z|V\z/ # parts of one

        # known: the part's root that has styles, or nil; table: the tbl element; rows, columns: how many there are.
        def initialize(known, table, inks, rows:, columns:)
          @about, @inks, @rows, @columns = Part.at(table, "tblPr"), inks, rows, columns
          id = Part.at(@about, "tableStyleId")&.text.to_s.strip
          @style = Part.all(known, "tblStyle").then { |all| all.find { |one| one["styleId"] == id && one.element_children.any? } } if known
          @style ||= OpenXml::TableStyles.of(id)
        end

        # "#rrggbb", "none" or nil; what lies behind the whole table is seen where nothing else is.
        def fill(row, column)
          behind = paint(Part.at(@style, "tblBg"), Colour::WHITE)
          found = nearest(row, column) { |part| paint(Part.at(part, "tcStyle"), [ behind, Colour::WHITE ].find { |one| one && one != "none" }) }
          found && found != "none" ? found : behind || found
        end

        def lettering(row, column) = nearest(row, column) { |part| @inks.colour(Part.at(part, "tcTxStyle")) }
        def bold?(row, column) = nearest(row, column) { |part| Part.at(part, "tcTxStyle")&.[]("b") } == "on"

        # The line on a side of a cell: ["#rrggbb" or "none", points or nil], or nil.
        def line(side, row, column)
          edge = { "left" => column.zero?, "top" => row.zero?, "right" => column == @columns - 1, "bottom" => row == @rows - 1 }.fetch(side)
          nearest(row, column) { |part| drawn(Part.at(part, "tcStyle", "tcBdr", edge || ends?(part.name, side) ? side : SIDES.fetch(side))) }
        end

        private

        # What is said outright, or is one of the theme's; ground: what is behind it.
        def paint(node, ground) = @inks.fill_over(Part.at(node, "fill"), ground) || @inks.styled(node, "fillRef")

        def drawn(side)
          own = Part.at(side, "ln")
          colour = @inks.fill(own) || @inks.styled(side, "lnRef") or return
          [ colour, own ? own["w"]&.to_f&./(OpenXml::POINT) : @inks.theme_stroke_width(side) ]
        end

        # Whether what a part is about ends at this side of a cell: one row, or one column.
        def ends?(part, side) = (part.match?(ROW) && %w[top bottom].include?(side)) || (part.match?(COLUMN) && %w[left right].include?(side))

        def on?(name) = %w[1 true].include?(@about&.[](name))

        # What the parts of the style that are about a cell say first.
        def nearest(row, column, &) = @style && parts(row, column).filter_map { |name| Part.at(@style, name) }.filter_map(&).first

        def parts(row, column)
          band = ->(index, first) { (index - (on?(first) ? 1 : 0)).even? ? 1 : 2 }
          [ ("firstRow" if on?("firstRow") && row.zero?), ("lastRow" if on?("lastRow") && row == @rows - 1), ("firstCol" if on?("firstCol") && column.zero?), ("lastCol" if on?("lastCol") && column == @columns - 1),
            ("band#{band.(column, 'firstCol')}V" if on?("bandCol")), ("band#{band.(row, 'firstRow')}H" if on?("bandRow")), "wholeTbl" ].compact
        end
      end
    end
  end
end
