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
        autoload :Series, "usher/formats/slides/chart/series"
        autoload :Slices, "usher/formats/slides/chart/slices"
        autoload :Style, "usher/formats/slides/chart/style"
        autoload :Titles, "usher/formats/slides/chart/titles"
        autoload :Web, "usher/formats/slides/chart/web"

        # What words look like, nil for as all others: size: points; bold; ink: their colour; face: one of Fonts.
        Letters = Struct.new(:size, :bold, :ink, :face, keyword_init: true)
        # The line about a form; width: points.
        Stroke = Struct.new(:colour, :width)
        # The second axis of values, on the right: as of Style.
        Second = Struct.new(:low, :high, :step, :format, :numbers, keyword_init: true)
        DRAWN = { "column" => :Axes, "bar" => :Axes, "line" => :Axes, "area" => :Axes, "points" => :Points, "pie" => :Slices, "web" => :Web }.freeze
        TITLED = %w[column bar line area points].freeze # kinds with axes that may be called something
        MOST = 60 # values of a series
        LETTERS = 10.0 # points
        LEAST = 0.045 # of the shorter side are as high as letters can be
        HEAD = 1.3 # of the other letters, those of the title
        HEADED = 0.85 # of the breadth, within which the title is broken

        # kind: one of DRAWN; categories: words; series: Series; style: see Style.
        def initialize(kind, categories, series, title: "", style: Style.new)
          @kind, @categories, @title, @style = kind, categories.first(MOST).map(&:to_s), title, style
          @series = series.map { |one| Series.new(**one.to_h, values: one.values.first(MOST)) }
        end

        # Onto a Canvas, in a box in points.
        def draw(canvas, box)
          pen = Pen.new(canvas, @style.letters || LETTERS.clamp(*[ 6, [ box.width, box.height ].min * LEAST * 2 ].sort), @style.ink, face: @style.face)
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
          broad = box.width * HEADED
          high = head.height(@title, broad) + pen.letters
          head.write(@title, box.x + (box.width - broad) / 2, box.y, broad, high, align: "middle")
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
        # What stands for what: [[words, colour], ...]; of what stands on each other as it does there, the uppermost first.
        def entries
          return @categories.each_with_index.map { |words, index| [ words, @series[0].colour(index) ] } if @kind == "pie"
          all = @series.map { |one| [ one.name, one.colour(0) ] }
          piled = %w[column area].include?(@kind) && @style.stacked && %w[left right].include?(@style.legend)
          piled ? all.reverse : all
        end
      end
    end
  end
end
