module Usher
  module Formats
    module Slides
      # A table's cells as tiles that belong together.
      module Table
        # words: Words; fill: "#rrggbb" or nil; across, down: how many columns and rows it goes over.
        Cell = Struct.new(:words, :fill, :across, :down, keyword_init: true)
        SIZES = [ 1, 0.9, 0.8, 0.7, 0.6, 0.5 ].freeze # of letters, tried in turn until the table stays on the slide
        OVER = 4 # page units by which words may be higher than their row

        module_function

        # columns, rows: their widths and heights in page units; cells: rows of Cells, nil where another goes over; at: the
        # top left in page units; scale: page units of a point; room: how far down the slide goes. Values of tiles: rows are
        # as high as their words, where the file says less.
        def items(columns, rows, cells, at, scale, room:)
          SIZES.each do |factor|
            heights = heights(columns, rows, cells, scale, factor)
            next if at[1] + heights.sum > [ room, at[1] + rows.sum ].max + OVER && factor != SIZES.last
            return cells.each_with_index.flat_map do |row, down|
              row.each_with_index.filter_map do |cell, across|
                tile(cell, at[0] + columns.first(across).sum, at[1] + heights.first(down).sum, columns[across, cell.across].sum, heights[down, cell.down].sum, scale, factor).to_h.except("id") if cell
              end
            end
          end
        end

        # Each row as high as it is said to be, or as its words need.
        def heights(columns, rows, cells, scale, factor)
          rows.each_with_index.map do |height, down|
            own = cells[down].to_a.each_with_index.select { |cell, _| cell && cell.down == 1 }
            needed = own.map { |cell, across| tile(cell, 0, 0, columns[across, cell.across].sum, 1, scale, factor).height }
            [ height, *needed.map { |one| one - 3 }.select { |one| one > height + OVER } ].max
          end
        end

        def tile(cell, x, y, width, height, scale, factor)
          run = cell.words.run
          Items.build("kind" => "tile", "id" => "t", "x" => x, "y" => y, "width" => width + 3, "height" => height + 3, "round" => 0, "text" => cell.words.plain[0, 2_000], "card" => cell.fill || Colour::WHITE,
            "colour" => run&.colour || Colour::INK, "bold" => run&.bold || false, "italic" => run&.italic || false, "align" => cell.words.align, "size" => ((run&.size || 18) * scale * factor).clamp(8, 400).round(1))
        end
        private_class_method :heights, :tile
      end
    end
  end
end
