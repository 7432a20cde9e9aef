require "nokogiri"

module Usher
  module Formats
    module Slides
      # How a table's style paints its cells (ISO/IEC 29500-1, 20.1.4.2.27): the whole table, its bands, its first and last
      # column and row, of which the later ones win.
      class OpenXml::TableStyle
        Part = OpenXml::Part
        SIDES = { "left" => "insideV", "top" => "insideH", "right" => "insideV", "bottom" => "insideH" }.freeze # and what stands for them within the table
        # Files name these without saying what they are: the usual style, in each colour of a theme.
        USUAL = {
          "{073A0DAA-6AF3-43AB-8588-CEC1D06C72B9}" => "dk1", "{5C22544A-7EE6-4342-B048-85BDC9FD1C3A}" => "accent1", "{21E4AEA4-8DFA-4A89-87EB-49C32662AFE0}" => "accent2",
          "{F5AB1C69-6EDB-4FF4-983F-18BD219EF322}" => "accent3", "{00A15C55-8517-42AA-B614-E9B94910E393}" => "accent4", "{7DF18680-E054-41AD-8BC1-D1AEF772440D}" => "accent5", "{93296810-A885-4BE3-A3E7-6D5BEEA58F35}" => "accent6"
        }.freeze
        GRID = "{5940675A-B579-460E-94D1-54222C63F5DA}".freeze # lines, and nothing else

        # known: the part's root that has styles, or nil; table: the tbl element; rows, columns: how many there are.
        def initialize(known, table, inks, rows:, columns:)
          @about, @inks, @rows, @columns = Part.at(table, "tblPr"), inks, rows, columns
          id = Part.at(@about, "tableStyleId")&.text.to_s.strip
          @style = Part.all(known, "tblStyle").then { |all| all.find { |one| one["styleId"] == id && one.element_children.any? } } if known
          @style ||= self.class.usual(id)
        end

        # What a style that is only named is, or nil.
        def self.usual(id)
          lines = ->(colour) { SIDES.flat_map { |pair| pair }.uniq.map { |side| "<#{side}><ln><solidFill><schemeClr val=\"#{colour}\"/></solidFill></ln></#{side}>" }.join }
          return Nokogiri::XML("<tblStyle><wholeTbl><tcStyle><tcBdr>#{lines.('tx1')}</tcBdr></tcStyle></wholeTbl></tblStyle>").root if id == GRID
          accent = USUAL[id] or return
          fill = ->(tint) { "<fill><solidFill><schemeClr val=\"#{accent}\">#{"<tint val=\"#{tint}\"/>" if tint}</schemeClr></solidFill></fill>" }
          head = "<tcTxStyle b=\"on\"><schemeClr val=\"lt1\"/></tcTxStyle><tcStyle>#{fill.(nil)}</tcStyle>"
          Nokogiri::XML("<tblStyle><wholeTbl><tcStyle><tcBdr>#{lines.('lt1')}</tcBdr>#{fill.(20_000)}</tcStyle></wholeTbl><band1H><tcStyle>#{fill.(40_000)}</tcStyle></band1H><band1V><tcStyle>#{fill.(40_000)}</tcStyle></band1V>" \
                        "#{%w[lastCol firstCol lastRow firstRow].map { |part| "<#{part}>#{head}</#{part}>" }.join}</tblStyle>").root
        end

        # "#rrggbb", "none" or nil.
        def fill(row, column) = nearest(row, column) { |part| @inks.fill(Part.at(part, "tcStyle", "fill")) }
        def lettering(row, column) = nearest(row, column) { |part| @inks.colour(Part.at(part, "tcTxStyle")) }
        def bold?(row, column) = nearest(row, column) { |part| Part.at(part, "tcTxStyle")&.[]("b") } == "on"

        # The line on a side of a cell: "#rrggbb", "none" or nil.
        def line(side, row, column)
          outside = { "left" => column.zero?, "top" => row.zero?, "right" => column == @columns - 1, "bottom" => row == @rows - 1 }.fetch(side)
          nearest(row, column) { |part| @inks.fill(Part.at(part, "tcStyle", "tcBdr", outside ? side : SIDES.fetch(side), "ln")) }
        end

        private

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
