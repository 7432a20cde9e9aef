module Usher
  module Formats
    module Slides
      # A chart from its kept numbers, drawn anew as things of a page: bars, lines, areas, points, slices or a web, with its title,
      # its axes and a legend.
      class Chart
        GREY, GRID = "#8a7f78".freeze, "#b9b2ab".freeze

        autoload :Axes, "usher/formats/slides/chart/axes"
        autoload :Dates, "usher/formats/slides/chart/dates"
        autoload :Legend, "usher/formats/slides/chart/legend"
        autoload :Numbers, "usher/formats/slides/chart/numbers"
        autoload :Pen, "usher/formats/slides/chart/pen"
        autoload :Points, "usher/formats/slides/chart/points"
        autoload :Scale, "usher/formats/slides/chart/scale"
        autoload :Slices, "usher/formats/slides/chart/slices"
        autoload :Titles, "usher/formats/slides/chart/titles"
        autoload :Web, "usher/formats/slides/chart/web"

        # values: numbers, nil where there is none; places: of "points", how far across each is; colours: one for all of its values,
        # or one each; kind: where it is not that of the chart; labels: what stands at each value, "value" or "share", nil for nothing; at: where it stands at a bar, "outEnd" (behind its tip), "inEnd", "ctr" or "inBase", nil for as usual; quiet: numbers of values at which nothing stands; named: of "pie", whether its category does;
        # second: whether its values are on the second axis; lettered: Letters of that; line: of "line", whether one is drawn; dots: their colours, one each, nil where there are none.
        Series = Struct.new(:name, :values, :places, :colours, :kind, :labels, :at, :quiet, :named, :second, :lettered, :line, :dots, keyword_init: true) do
          def initialize(line: true, quiet: [], **) = super

          # Whether something stands at the value with this number.
          def label?(index) = (labels || named) && !quiet.include?(index)

          def colour(index) = colours[index % colours.size]
        end
        # What words look like, nil for as all others: size: points; bold; ink: their colour.
        Letters = Struct.new(:size, :bold, :ink, keyword_init: true)
        # The second axis of values, on the right: as of Style.
        Second = Struct.new(:low, :high, :step, :format, :numbers, keyword_init: true)
        # How it looks, where the file says it. stacked: nil, "sum" or "share"; gap: between the bars of two categories, in breadths of
        # a bar; overlap: of the bars of one, the same; legend: "right", "bottom", "left", "top" or nil; legend_at: where the file puts it, as plot; plot: the place of what lies
        # between the axes, [left, top, width, height] in shares; low, high, step: of the axis of values, nil for what fits; format: of
        # its numbers, as a spreadsheet says it; grid: the colour of lines across, nil for none; names, numbers: whether there are
        # words and numbers at its axes; close: whether the words stand at the axis itself, where values lie below it too; slope: degrees by which its words are turned, nil for what fits; letters: points; ink: their
        # colour; looks: { title:, names:, numbers:, legend:, names_title:, numbers_title: Letters of those }; titles: { names:, numbers: what
        # these axes are called }; lines: { names:, numbers: the colours of these axes' own lines, nil for none }; ground, wall: Looks of what lies behind all of it and behind the plot, or nil; second: a Second, or nil;
        # hole: of slices, in shares of the whole; turn: degrees clockwise from the top to the first of them.
        Style = Struct.new(:close, :lines, :titles, :ground, :wall, :stacked, :gap, :overlap, :legend, :legend_at, :plot, :low, :high, :step, :format, :grid, :names, :numbers, :slope, :letters, :ink, :looks, :second, :hole, :turn, keyword_init: true) do
          def initialize(stacked: nil, close: true, lines: { names: GREY, numbers: GREY }, gap: 0.5, overlap: 0, grid: GRID, names: true, numbers: true, ink: Colour::INK, looks: {}, titles: {}, hole: 0, turn: 0, **) = super
        end
        DRAWN = { "column" => :Axes, "bar" => :Axes, "line" => :Axes, "area" => :Axes, "points" => :Points, "pie" => :Slices, "web" => :Web }.freeze
        TITLED = %w[column bar line area points].freeze # kinds with axes that may be called something
        MOST = 60 # values of a series
        LETTERS = 10.0 # points
        LEAST = 0.045 # of the shorter side are as high as letters can be
        HEAD = 1.3 # of the other letters, those of the title

        # kind: one of DRAWN; categories: words; series: Series; style: see Style.
        def initialize(kind, categories, series, title: "", style: Style.new)
          @kind, @categories, @title, @style = kind, categories.first(MOST).map(&:to_s), title, style
          @series = series.map { |one| Series.new(**one.to_h, values: one.values.first(MOST)) }
        end

        # Onto a Canvas, in a box in points.
        def draw(canvas, box)
          pen = Pen.new(canvas, @style.letters || LETTERS.clamp(*[ 6, [ box.width, box.height ].min * LEAST * 2 ].sort), @style.ink)
          canvas.together do
            canvas.form("rect", box, @style.ground) if @style.ground
            inner = headed(pen, box)
            inner = Legend.new(pen.as(@style.looks[:legend]), entries, @style.legend).draw(inner, share(box, @style.legend_at)) if @style.legend && entries.any?
            inner = titles(pen).draw(inner, given(box)) if TITLED.include?(@kind)
            self.class.const_get(DRAWN.fetch(@kind)).new(pen, @kind, @categories, @series, @style).draw(given(box) || inner)
          end
        end

        private

        # What the title leaves of the box.
        def headed(pen, box)
          return box if @title.empty?
          head = pen.as(Letters.new(size: pen.letters * HEAD)).as(@style.looks[:title])
          high = head.height(@title, box.width) + pen.letters
          head.write(@title, box.x, box.y, box.width, high, align: "middle")
          Geometry::Box.new(box.x, box.y + high, box.width, box.height - high, 0)
        end

        def titles(pen)
          names, numbers = %i[names numbers].map { |axis| [ @style.titles[axis], pen.as(@style.looks[:"#{axis}_title"]) ] }
          @kind == "bar" ? Titles.new(across: numbers, up: names) : Titles.new(across: names, up: numbers)
        end

        # Where the file itself puts the plot: a box that its axes' words stand around.
        def given(box) = share(box, @style.plot)

        # Part of a box, [left, top, width, height] in shares of it; nil where nothing is said.
        def share(box, part) = part&.then { |x, y, width, height| Given.new(box.x + x * box.width, box.y + y * box.height, width * box.width, height * box.height, 0) }

        # A box of the plot alone, without the room for what stands at its axes.
        class Given < Geometry::Box; end

        # [words, colour] of each line of the legend.
        def entries = @kind == "pie" ? @categories.each_with_index.map { |words, index| [ words, @series[0].colour(index) ] } : @series.map { |one| [ one.name, one.colour(0) ] }
      end
    end
  end
end
