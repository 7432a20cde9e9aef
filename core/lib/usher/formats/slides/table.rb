module Usher
  module Formats
    module Slides
      # A table's cells as tiles that belong together, and what lines it has where they do not go all around a cell.
      module Table
        SIDES = %w[left top right bottom].freeze
        Line = Struct.new(:colour, :breadth, :dash) do # "#rrggbb"; points; see Items::Dash
          def initialize(colour, breadth, dash = "solid") = super
        end
        USUAL = 1 # point, of a line
        # words: Words; fill: "#rrggbb" or nil; sides: { "left" => a Line or nil, ... }; vertical: "top", "middle" or
        # "bottom"; across, down: how many columns and rows it goes over.
        Cell = Struct.new(:words, :fill, :sides, :vertical, :across, :down, keyword_init: true) do
          # The one line around it: nil where there is none, where its sides differ, or where it is broken.
          def border = sides.values.uniq.then { |all| all.first if all.one? && all.first&.dash == "solid" }
        end
        SIZES = [ 1, 0.9, 0.8, 0.7, 0.6, 0.5 ].freeze # of letters, tried in turn until the table stays on the slide
        BREADTHS = (0.75..60) # page units, of a line
        LEAST = 1 # page unit, of a cell's sides
        OVER = 4 # page units by which words may be higher than their row

        module_function

        # columns, rows: their widths and heights in page units; cells: rows of Cells, nil where another goes over; at: the
        # top left in page units; scale: page units of a point; room: how far down the slide goes; whole: how high all of it is to be, nil where nobody says it. Values of
        # tiles: rows are as high as their words, where the file says less.
        def items(columns, rows, cells, at, scale, room:, whole: nil)
          SIZES.each do |factor|
            heights = heights(columns, rows, cells, scale, factor, whole)
            next if at[1] + heights.sum > [ room, at[1] + rows.sum ].max + OVER && factor != SIZES.last
            return laid(columns, heights, cells, at, scale, factor)
          end
        end

        # Tiles, and over them the lines.
        def laid(columns, heights, cells, at, scale, factor)
          placed = cells.each_with_index.flat_map do |row, down|
            row.each_with_index.filter_map do |cell, across|
              next unless cell
              beside, above = [ (row[across - 1] if across.positive?), (cells[down - 1][across] if down.positive?) ].map { |other| cell.border || other.nil? ? 0 : edge(other, scale) }
              [ cell, at[0] + columns.first(across).sum + beside, at[1] + heights.first(down).sum + above, [ columns[across, cell.across].sum - beside, LEAST ].max, [ heights[down, cell.down].sum - above, LEAST ].max ]
            end
          end
          placed.map { |cell, *box| tile(cell, *box, scale, factor).to_h.except("id") } + placed.flat_map { |cell, *box| apart(cell, *box, scale * factor) } + placed.reject { |cell, *| cell.border }.flat_map { |cell, *box| lines(cell, *box, scale) }.uniq
        end

        # How broad the one line around a cell is, in page units. It lies over the edge of a neighbour that has none.
        def edge(cell, scale) = cell.border ? broad(cell.border, scale) : 0
        def broad(line, scale) = (line.breadth * scale).clamp(BREADTHS).round(2)

        def lines(cell, x, y, width, height, scale)
          right, low = x + width, y + height
          { "left" => [ [ x, y ], [ x, low ] ], "top" => [ [ x, y ], [ right, y ] ], "right" => [ [ right, y ], [ right, low ] ], "bottom" => [ [ x, low ], [ right, low ] ] }.filter_map do |side, (from, to)|
            Items::Segment.between(from, to).merge("kind" => "line", "stroke" => cell.sides[side].colour, "stroke_width" => broad(cell.sides[side], scale), "dash" => cell.sides[side].dash) if cell.sides[side]
          end
        end

        # Each row as high as it is said to be, or as its words need. Where the whole has a height, rows that have more than
        # their words need give it to the others, or all grow.
        def heights(columns, rows, cells, scale, factor, whole)
          needed = rows.each_index.map { |down| needed(columns, cells[down].to_a, scale, factor) }
          found = rows.zip(needed).map { |height, words| words > height + OVER ? words : height }
          return found if whole.nil? || found.sum.zero?
          return found.map { |height| height * whole / found.sum } if found.sum < whole
          spare = found.zip(needed).map { |height, words| [ height - words, 0 ].max }
          given = spare.sum.zero? ? 0 : [ (found.sum - whole) / spare.sum, 1 ].min
          found.zip(spare).map { |height, more| height - more * given }
        end

        # Page units that the words of a row need.
        def needed(columns, row, scale, factor)
          own = row.each_with_index.select { |cell, _| cell && cell.down == 1 }
          own.map { |cell, across| high(cell, columns[across, cell.across].sum, scale, factor) }.max || 0
        end

        def high(cell, width, scale, factor)
          return cell.words.length(scale * factor) if cell.words.turned?
          return cell.words.height(width, scale * factor) if cell.words.mixed?
          tile(cell, 0, 0, width, 1, scale, factor).height - edge(cell, scale) + cell.words.tail(scale * factor)
        end

        # Words that one text cannot be, or that are turned, lie over their tile.
        def apart?(cell) = cell.words.mixed? || cell.words.turned?

        def apart(cell, x, y, width, height, scale)
          apart?(cell) ? cell.words.items(Geometry::Box.new(x, y, width, height, 0), scale, anchor: cell.vertical, whole: true).map { |values| { "kind" => "text", **values } } : []
        end

        # Tiles with a line around them share it with their neighbours.
        def tile(cell, x, y, width, height, scale, factor)
          edge = edge(cell, scale)
          written = cell.words.together(scale * factor)
          written = written.merge("text" => "", "marks" => [], "lists" => []) if apart?(cell)
          written = written.merge("text" => written["text"][0, 2_000])
          Items.build("kind" => "tile", "id" => "t", "x" => x, "y" => y, "width" => width + edge, "height" => height + edge, "round" => 0, "card" => cell.fill || "none", "border" => cell.border&.colour || "none", "border_width" => [ edge, 0.5 ].max, "vertical" => cell.vertical, "padding" => cell.words.padding(scale * factor, width), **written)
        end
        private_class_method :heights, :needed, :high, :apart?, :apart, :tile, :laid, :lines, :edge, :broad
      end
    end
  end
end
