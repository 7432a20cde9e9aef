module Usher
  module Formats
    module Slides
      # A chart from its kept numbers, drawn anew from bars, lines or slices, with its title, its axes and a legend.
      class Chart
        # colours: one for all of its values, or one each; values: numbers, nil where there is none.
        Series = Struct.new(:name, :values, :colours, keyword_init: true) do
          def colour(index) = colours[index % colours.size]
        end
        KINDS = %w[column bar line pie].freeze
        MOST = 60 # values of a series
        STEPS = 4 # about so many on the axis
        LETTERS = 0.045 # of the shorter side
        GREY = "#8a7f78".freeze

        # kind: one of KINDS; categories: words; stacked: whether values stand on each other; ink: the colour of its letters.
        def initialize(kind, categories, series, title: "", stacked: false, ink: Colour::INK)
          @kind, @categories, @title, @stacked, @ink = kind, categories.first(MOST), title, stacked, ink
          @series = series.map { |one| Series.new(**one.to_h, values: one.values.first(MOST)) }
        end

        # Onto a Canvas, in a box in points.
        def draw(canvas, box)
          @canvas, @letters = canvas, ([ box.width, box.height ].min * LETTERS).clamp(6, 16)
          canvas.together do
            top = @title.empty? ? box.y : box.y + @letters * 2.4
            write(@title, box.x, box.y, box.width, @letters * 2.2, size: @letters * 1.4, align: "middle") unless @title.empty?
            wide = legend? ? box.width * 0.78 : box.width
            legend(box.x + wide, top, box.width - wide, box.y + box.height - top) if legend?
            place = Geometry::Box.new(box.x, top, wide, box.y + box.height - top, 0)
            @kind == "pie" ? pie(place) : axes(place)
          end
        end

        private

        def legend? = @kind == "pie" || @series.size > 1

        # [words, colour] of each line.
        def entries = @kind == "pie" ? @categories.each_with_index.map { |words, index| [ words, @series[0].colour(index) ] } : @series.map { |one| [ one.name, one.colour(0) ] }

        def legend(x, y, width, height)
          line = [ height / [ entries.size, 1 ].max, @letters * 1.7 ].min
          entries.each_with_index do |(words, colour), index|
            at = y + (height - line * entries.size) / 2 + line * index
            rectangle(x + 4, at + line * 0.25, line * 0.5, line * 0.5, colour)
            write(words, x + 8 + line * 0.5, at, width - 8 - line * 0.5, line)
          end
        end

        def axes(box)
          low, high, step = scale
          left, foot = @kind == "bar" ? box.width * 0.22 : @letters * 4, @letters * 1.8
          @plot = Geometry::Box.new(box.x + left, box.y + @letters / 2, box.width - left - @letters, box.height - foot - @letters / 2, 0)
          along = @kind == "bar" ? ->(value) { @plot.x + (value - low) / (high - low) * @plot.width } : ->(value) { @plot.y + @plot.height - (value - low) / (high - low) * @plot.height }
          ticks(low, high, step, along)
          names
          @kind == "line" ? lines(along) : bars(along)
        end

        # [lowest, highest, step] of the axis of values.
        def scale
          sums = @stacked ? @categories.each_index.map { |index| @series.sum { |one| one.values[index].to_f } } : @series.flat_map { |one| one.values.compact }
          low, high = [ 0.0, *sums ].minmax
          high = low + 1 if high == low
          rough = (high - low) / STEPS
          power = 10.0**Math.log10(rough).floor
          step = [ 1, 2, 5, 10 ].find { |n| n * power >= rough } * power
          [ (low / step).floor * step, (high / step).ceil * step, step ]
        end

        def ticks(low, high, step, along)
          ((high - low) / step).round.then { |count| (0..[ count, 20 ].min).map { |n| low + n * step } }.each do |value|
            at, words = along.call(value), Markup.number(value.round(6)).to_s
            if @kind == "bar"
              line([ [ at, @plot.y ], [ at, @plot.y + @plot.height ] ], "#e3dcd2", 0.5)
              write(words, at - 30, @plot.y + @plot.height, 60, @letters * 1.7, align: "middle")
            else
              line([ [ @plot.x, at ], [ @plot.x + @plot.width, at ] ], "#e3dcd2", 0.5)
              write(words, @plot.x - @letters * 4, at - @letters, @letters * 3.7, @letters * 2, align: "right")
            end
          end
        end

        def names
          every = [ @categories.size / 14, 1 ].max
          @categories.each_with_index do |words, index|
            next unless (index % every).zero?
            if @kind == "bar" then write(words, @plot.x - @plot.width, slot(index), @plot.width - 4, room, align: "right", wide: @plot.x)
            else write(words, slot(index) - room * (every - 1) / 2, @plot.y + @plot.height, room * every, @letters * 1.7, align: "middle")
            end
          end
        end

        def room = (@kind == "bar" ? @plot.height : @plot.width) / [ @categories.size, 1 ].max.to_f
        def slot(index) = (@kind == "bar" ? @plot.y : @plot.x) + room * index

        def bars(along)
          broad = room * 0.7 / (@stacked ? 1 : @series.size)
          @categories.each_index do |index|
            base = 0.0
            @series.each_with_index do |one, number|
              value = one.values[index] or next
              from, to = [ along.call(base), along.call(base + value) ].minmax
              at = slot(index) + room * 0.15 + (@stacked ? 0 : broad * number)
              @kind == "bar" ? rectangle(from, at, to - from, broad, one.colour(index)) : rectangle(at, from, broad, to - from, one.colour(index))
              base += value if @stacked
            end
          end
        end

        def lines(along)
          @series.each do |one|
            places = one.values.each_with_index.filter_map { |value, index| [ slot(index) + room / 2, along.call(value) ] if value }
            line(places, one.colour(0), 2) if places.size > 1
          end
        end

        def pie(box)
          side = [ box.width, box.height ].min * 0.94
          round = Geometry::Box.new(box.x + (box.width - side) / 2, box.y + (box.height - side) / 2, side, side, 0)
          values = @series[0].values.map { |value| [ value.to_f, 0 ].max }
          whole, from = [ values.sum, 0.0001 ].max, -90.0
          values.each_with_index do |value, index|
            by = value / whole * 360
            next if by < 0.05
            outline = Outline.new
            outline.around([ 0.5, 0.5 ], 0.5, 0.5, from, by, begins: true)
            outline.line([ 0.5, 0.5 ]) if by < 359.9
            outline.close
            @canvas.drawn(outline, round, look(@series[0].colour(index), stroke: Colour::WHITE, width: 0.75))
            from += by
          end
        end

        def look(fill, stroke: "none", width: 0) = Look.new(fill: fill, stroke: stroke, stroke_width: width, dash: "solid", opacity: 1)
        def rectangle(x, y, width, height, colour) = (@canvas.form("rect", Geometry::Box.new(x, y, [ width, 0.5 ].max, [ height, 0.5 ].max, 0), look(colour)))
        def line(places, colour, width) = @canvas.line(places, look("none", stroke: colour, width: width))

        def write(words, x, y, width, height, align: "left", size: @letters, wide: nil)
          return if words.to_s.strip.empty?
          run = Words::Run.new(text: words.to_s[0, 120].tr("\n", " "), size: size, bold: false, italic: false, colour: @ink)
          x, width = wide - [ width, 160 ].min, [ width, 160 ].min if wide
          @canvas.write(Words.new([ Words::Paragraph.new(runs: [ run ], align: align, list: "none", indent: 0.0) ], insets: [ 0, 0, 0, 0 ], anchor: "middle"), Geometry::Box.new(x, y, width, height, 0))
        end
      end
    end
  end
end
