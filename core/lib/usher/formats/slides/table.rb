module Usher
  module Formats
    module Slides
      # A table's cells as tiles that belong together.
      module Table
        # words: Words; fill: "#rrggbb" or nil; across, down: how many columns and rows it goes over.
        Cell = Struct.new(:words, :fill, :across, :down, keyword_init: true)
        SIZES = [ 1, 0.9, 0.8, 0.7, 0.6, 0.5 ].freeze # tried in turn

        module_function

        # columns, rows: their widths and heights in page units; cells: rows of Cells, nil where another goes
        # over; at: the top left in page units; scale: page units of a point. Values of tiles.
        def items(columns, rows, cells, at, scale)
          cells.each_with_index.flat_map do |row, down|
            row.each_with_index.filter_map do |cell, across|
              next unless cell
              tile(cell, at[0] + columns.first(across).sum, at[1] + rows.first(down).sum, columns[across, cell.across].sum, rows[down, cell.down].sum, scale)
            end
          end
        end

        def tile(cell, x, y, width, height, scale)
          run = cell.words.run
          base = { "kind" => "tile", "id" => "t", "x" => x, "y" => y, "width" => width + 3, "height" => height + 3, "round" => 0, "text" => cell.words.plain[0, 2_000], "card" => cell.fill || Colour::WHITE,
            "colour" => run&.colour || Colour::INK, "bold" => run&.bold || false, "italic" => run&.italic || false, "align" => cell.words.align }
          SIZES.each do |factor|
            made = Items.build(base.merge("size" => ((run&.size || 18) * scale * factor).clamp(8, 400).round(1)))
            return made.to_h.except("id") if made.height <= height + 4 || factor == SIZES.last
          end
        end
        private_class_method :tile
      end
    end
  end
end
