module Usher
  module Formats
    module Slides
      # Values on axes that go out from one middle, clockwise from the top.
      class Chart::Web
        ROUND = 0.8 # of the room

        def initialize(pen, _kind, categories, series, style)
          @pen, @categories, @series, @style = pen, categories, series, style
        end

        def draw(box)
          @scale = Chart::Scale.new(@series.flat_map { |one| one.values.compact }, low: @style.low, high: @style.high, step: @style.step, most: (box.height / 2 / @pen.letters / 2).floor)
          @radius = [ box.width, box.height ].min / 2 * ROUND
          @middle = [ box.x + box.width / 2, box.y + box.height / 2 ]
          @scale.ticks.each { |value| ring(Array.new(@categories.size, value), @style.grid, 0.75) } if @style.grid
          @categories.each_with_index { |words, index| axis(words, index) }
          @series.each { |one| ring(@categories.each_index.map { |index| one.values[index].to_f }, one.colour(0), one.breadth) }
          @scale.ticks.each { |value| @pen.write(Chart::Numbers.say(value, @style.format), @middle[0] - @pen.letters * 6.4, place(0, value)[1] - @pen.letters, @pen.letters * 6, @pen.letters * 2, align: "right") }
        end

        private

        def place(index, value)
          turn = index * 2 * Math::PI / [ @categories.size, 1 ].max - Math::PI / 2
          [ Math.cos(turn), Math.sin(turn) ].zip(@middle).map { |part, middle| middle + part * @radius * @scale.share(value) }
        end

        def ring(values, colour, width)
          places = values.each_with_index.map { |value, index| place(index, value) }
          @pen.line([ *places, places.first ], colour, width) if places.size > 2
        end

        def axis(words, index)
          tip = place(index, @scale.high)
          @pen.line([ @middle, tip ], Chart::GRID)
          ems, across = @pen.letters, (tip[0] - @middle[0]) / @radius
          beside = across.abs < 0.1 ? [ -6, "middle" ] : across.positive? ? [ 0.4, "left" ] : [ -12.4, "right" ]
          @pen.write(words, tip[0] + beside[0] * ems, tip[1] - ems + (tip[1] - @middle[1]) / @radius * ems, 12 * ems, 2 * ems, align: beside[1])
        end
      end
    end
  end
end
