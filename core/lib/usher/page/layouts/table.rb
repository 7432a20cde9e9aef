module Usher
  module Page
    module Layouts
      # Cells in rows and columns; each is a tile, so that it can be written in and filled.
      class Table < Layout
        COLUMNS, ROWS = 4, 5

        def lay
          title("Table")
          width, height = 1_400 / COLUMNS, 660 / ROWS
          ROWS.times do |row|
            COLUMNS.times do |column|
              head = row.zero?
              put("tile", 100 + column * width, 190 + row * height, width + 3, height + 3, round: 0, text: head ? "Column #{column + 1}" : "", size: 34, bold: head,
                card: head ? Usher::Colour::PALE_BRASS : Usher::Colour::WHITE, colour: Usher::Colour::INK)
            end
          end
        end
      end
    end
  end
end
