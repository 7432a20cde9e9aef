module Usher
  # Tables pasted or dropped from elsewhere, as tiles in rows and columns that belong together.
  module Tables
    MOST = [ 30, 12 ].freeze # rows, columns
    WIDE, SIZES = 1_400, [ 34, 28, 24, 20, 16 ].freeze

    module_function

    # text: rows in lines, cells between tabs. Answers with [[cell, ...], ...], or nil where that is no table.
    def read(text)
      rows = text.to_s.scrub.gsub(/\r\n?/, "\n").chomp.split("\n").map { |row| row.split("\t", -1).map(&:strip) }
      rows if rows.any? && rows.all? { |row| row.size > 1 && row.size == rows.first.size }
    end

    # rows: [[cell, ...], ...] of text; at: the top left in page units. Answers with values for
    # Items.build without ids. Raises Invalid.
    def lay(rows, at: [ 100, 120 ])
      columns = rows.map(&:size).max.to_i
      raise Invalid, "That table has nothing in it." if columns.zero?
      raise Invalid, "That table has #{rows.size} rows and #{columns} columns. Usher takes #{MOST[0]} by #{MOST[1]} at once." if rows.size > MOST[0] || columns > MOST[1]
      cells = rows.map { |row| Array.new(columns) { |column| Types::Line.new(500).call(row[column].to_s) } }
      size = SIZES.find { |one| widths(cells, one).sum <= WIDE } || SIZES.last
      wide = widths(cells, size).then { |all| all.sum > WIDE ? all.map { |one| one * WIDE / all.sum } : all }
      place(cells, size, wide.map { |one| one.round }, at)
    end

    def place(cells, size, widths, (left, top))
      y = top
      cells.each_with_index.flat_map do |row, number|
        high = row.zip(widths).map { |text, wide| height(text, size, wide) }.max
        x = left
        made = row.zip(widths).map do |text, wide|
          { "kind" => "tile", "text" => text, "size" => size, "x" => x, "y" => y, "width" => wide + 3, "height" => high + 3, "round" => 0, "bold" => number.zero?,
            "card" => number.zero? ? Colour::PALE_BRASS : Colour::WHITE, "colour" => Colour::INK }.tap { x += wide }
        end
        y += high
        made
      end
    end

    def widths(cells, size) = cells.transpose.map { |column| column.map { |text| face.width(text) * size }.max + 2 * Items::Tile.inset + size }

    def height(text, size, wide)
      advances = text.each_char.map { |char| face.advance(char) }
      [ Text::Layout.new(text, size: size, width: wide + 3 - 2 * Items::Tile.inset, lists: [], advances: advances).height + 2 * Items::Tile.inset, size * 1.9 ].max.ceil
    end

    def face = Text::Faces.fetch("read", bold: true)
    private_class_method :place, :widths, :height, :face
  end
end
