module Usher
  # Tiles made from a list in one go: read, sized and laid out.
  #
  # Entries are separated by commas, semicolons, tabs or line ends; where there are semicolons a comma
  # belongs to its entry (2,5; 3,5). An empty line begins a new group, which gets a colour of its own.
  module Tiles
    MOST = 120
    LONGEST = 80
    LAYOUTS = %w[row grid].freeze
    SIZES = [ 64, 52, 44, 36, 28, 22 ].freeze
    GAP = 22
    EDGE = 15 # page units that a tile keeps free around its words
    MARGINS = [ 80, 120, 80, 60 ].freeze # left, top, right and bottom of the page, in page units
    COLOURS = [ [ Colour::WHITE, Colour::TIDE ], [ Colour::PALE_BRASS, "#6b4a06" ], [ Colour::PALE_VELVET, Colour::VELVET ], [ "#d9eee3", "#14563f" ], [ "#d5e8ef", "#174c60" ], [ "#fae5de", "#8c3013" ] ].freeze

    module_function

    # text: the list; layout: "row" (as many in each as fit) or "grid" (columns of the same width); size: the
    # page's [width, height]. Answers with values for Items.build without ids, laid out on such a page.
    # Raises Invalid.
    def lay(text, layout: "row", size: Page::SIZE)
      groups = read(text)
      layout = Invalid.about("The way to lay tiles") { Types::Choice.new(*LAYOUTS).call(layout) }
      left, top, right, bottom = MARGINS
      area = [ left, top, size[0] - left - right ]
      SIZES.each do |letters|
        tiles = groups.map { |group| group.map { |words| [ words, *room(words, letters) ] } }
        placed = layout == "grid" ? grid(tiles, letters, area) : rows(tiles, area)
        return finished(placed, letters) if placed && lowest(placed) <= size[1] - bottom
      end
      raise Invalid, "So many tiles do not fit on one page. Make them in two goes."
    end

    # [[entry, ...], ...] of each group.
    def read(text)
      text = Invalid.about("The list") { Types::Line.new(MOST * (LONGEST + 2)).call(text) }
      separator = text.include?(";") ? /[;\t\n]/ : /[,\t\n]/
      groups = text.split(/\n[ \t]*\n/).map { |group| group.split(separator).map(&:strip).reject(&:empty?) }.reject(&:empty?)
      raise Invalid, "Write the tiles with commas between them, such as 2x, 3y, 5." if groups.empty?
      raise Invalid, "At most #{MOST} tiles at a time; these are #{groups.sum(&:size)}." if groups.sum(&:size) > MOST
      long = groups.flatten.find { |words| words.length > LONGEST }
      raise Invalid, "A tile has at most #{LONGEST} characters: #{long[0, 30]}…" if long
      groups
    end

    # Width and height in page units that these words need at this size.
    def room(words, size)
      wide = Text::Faces.fetch("read", bold: true).width(words) * size
      high = [ size * 1.9, size * Text::Layout::LEADING + 2 * EDGE ].max.ceil
      [ [ wide + 2 * [ size * 0.7, EDGE ].max, high ].max.ceil, high ]
    end

    # area: left, top and width of where the tiles go.
    def rows(groups, (left, top, width))
      x, y, height = left, top, groups[0][0][2]
      groups.each_with_index.flat_map do |tiles, group|
        x, y = left, y + height + GAP * 2 if group.positive?
        tiles.map do |words, wide, high|
          return if wide > width
          x, y = left, y + high + GAP if x + wide > left + width
          [ words, x, y, wide, high, group ].tap { x += wide + GAP }
        end
      end
    end

    # Columns as wide as the longest entry, about as many as the square root asks for; a new group
    # begins a new row.
    def grid(groups, size, (left, top, width))
      wide, high = groups.flatten(1).map { |tile| tile[1] }.max, room("0", size)[1]
      return if wide > width
      most = ((width + GAP) / (wide + GAP)).floor
      columns = [ groups.size > 1 ? groups.map(&:size).max : Math.sqrt(groups[0].size * 2).ceil, most ].min
      row = -1
      groups.each_with_index.flat_map do |tiles, group|
        tiles.each_with_index.map do |(words, _, _), index|
          row += 1 if (index % columns).zero?
          [ words, left + index % columns * (wide + GAP), top + row * (high + GAP), wide, high, group ]
        end
      end
    end

    def lowest(placed) = placed.map { |_, _, y, _, high, _| y + high }.max

    def finished(placed, size)
      placed.map do |words, x, y, wide, high, group|
        card, colour = COLOURS[group % COLOURS.size]
        { "kind" => "tile", "text" => words, "size" => size, "x" => x, "y" => y, "width" => wide, "height" => high, "card" => card, "colour" => colour }
      end
    end
    private_class_method :room, :rows, :grid, :lowest, :finished
  end
end
