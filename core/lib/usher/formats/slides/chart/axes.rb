module Usher
  module Formats
    module Slides
      # Bars, lines and areas between an axis of words and one of values.
      class Chart::Axes
        BAND = 0.35 # of the height that words under an axis may have
        ROWS = 5 # lines of words under one place
        SLOPE = 45 # degrees, of words that have no room beside each other
        FEW, DEEP = 150, 0.35 # bars that may be deep; of their breadth, how far they go back
        LIT, SHADED = 0.3, -0.3 # their upper and their right sides
        AS_IT_IS = Geometry::Box.new(0, 0, 1, 1, 0).freeze # for places in points
        DOT = 2.5 # points, from its middle
        TICK = 0.4 # ems, between words and their axis

        def initialize(pen, kind, categories, series, style)
          @kind, @categories, @series, @style = kind, categories, series, style
          @pen, @named, @numbered = pen, pen.as(style.looks[:names]), pen.as(style.looks[:numbers]) # for values, words, numbers
          @slope = style.slope || SLOPE
          @lying = kind == "bar"
        end

        def draw(box)
          @scale = Chart::Scale.new(sums, low: @style.low, high: @style.high, step: @style.step, most: steps(box), bound: shares?)
          @second = second(box)
          @plot = box.is_a?(Chart::Given) ? box : between(box)
          @pen.wall(@plot, @style.wall)
          numbers
          second_numbers if @second && @style.second.numbers
          names
          drawn = @series.group_by { |one| one.kind || @kind }
          drawn.fetch("area", []).then { |list| areas(list) if list.any? }
          (drawn.fetch("column", []) + drawn.fetch("bar", [])).then { |list| bars(list) if list.any? }
          drawn.fetch("line", []).each { |one| course(one) }
        end

        private

        def ems(n, pen = @numbered) = n * pen.letters
        def shares? = @style.stacked == "share"
        def stacked? = !@style.stacked.nil?

        # The scale of the second axis, where anything is on it; bars that lie have one alone.
        def second(box)
          values = @series.select(&:second).flat_map { |one| one.values.compact }
          Chart::Scale.new(values, low: @style.second.low, high: @style.second.high, step: @style.second.step, most: steps(box)) if @style.second && values.any? && !@lying
        end

        def scale_of(one) = one.second && @second || @scale

        # How many steps there is room for.
        def steps(box) = (@lying ? box.width / [ number_breadth * 1.6, ems(3) ].max : box.height / ems(2)).floor.clamp(1, 10)

        # All values that the axis has to hold.
        def sums
          return [ 0.0, 1.0 ] if shares?
          here = @style.second && !@lying ? @series.reject(&:second) : @series
          return here.flat_map { |one| one.values.compact } unless stacked?
          standing, rest = here.partition { |one| one.kind.nil? }
          totals = @categories.each_index.flat_map { |index| standing.filter_map { |one| one.values[index] }.partition(&:negative?).map(&:sum) }
          totals + rest.flat_map { |one| one.values.compact }
        end

        def said(value) = Chart::Numbers.say(value, shares? && !@style.format.to_s.include?("%") ? "0%" : @style.format)

        # The broadest number, before the axis is known.
        def number_breadth = sums.minmax.map { |value| @numbered.width(said(value.round(1))) }.max.to_f

        # The part of a box that is between the axes.
        def between(box)
          numbers = @style.numbers ? (@lying ? ems(1.6) : @scale.ticks.map { |value| @numbered.width(said(value)) }.max + ems(2 * TICK)) : ems(0.5)
          words = @style.names && !inside? ? (@lying ? [ @categories.map { |name| @named.width(name) }.max.to_f + ems(2 * TICK, @named), box.width * BAND ].min : band(box.width - numbers, box.height)) : ems(0.5)
          left, foot = @lying ? [ words, numbers ] : [ numbers, words ]
          right = @second && @style.second.numbers ? @second.ticks.map { |value| @numbered.width(Chart::Numbers.say(value, @style.second.format)) }.max + ems(2 * TICK) : ems(0.8)
          Geometry::Box.new(box.x + left, box.y + ems(0.6), [ box.width - left - right, 1 ].max, [ box.height - foot - ems(0.6), 1 ].max, 0)
        end

        # Whether words stand among the bars, at an axis below which there is room for them.
        def inside? = @style.close && @scale.low.negative? && !@scale.high.negative?

        # How high the words under the axis are, and whether they slope.
        def band(wide, high)
          room = wide / [ @categories.size, 1 ].max
          @sloping = @style.slope ? @slope.nonzero? : @categories.any? { |name| name.split.any? { |word| @named.width(word) > room } || @named.lines(name, room) > ROWS }
          return [ @categories.map { |name| @named.lines(name, room) }.max.to_i * ems(Chart::Pen::LINE, @named) + ems(TICK, @named), high * BAND ].min unless @sloping
          [ @categories.map { |name| @named.width(name) }.max * Math.sin(@slope.abs * Math::PI / 180) + ems(1, @named), high * BAND ].min
        end

        # Where a value lies: across where bars lie, else down.
        def along(value, scale = @scale) = @lying ? @plot.x + scale.share(value) * @plot.width : @plot.y + (1 - scale.share(value)) * @plot.height
        def room = (@lying ? @plot.height : @plot.width) / [ @categories.size, 1 ].max.to_f

        # Where the place of a category begins; lying bars begin at the foot.
        def slot(index) = @lying ? @plot.y + @plot.height - room * (index + 1) : @plot.x + room * index

        def numbers
          @scale.ticks.each do |value|
            at = along(value)
            @pen.line(@lying ? [ [ at, @plot.y ], [ at, @plot.y + @plot.height ] ] : [ [ @plot.x, at ], [ @plot.x + @plot.width, at ] ], @style.grid) if @style.grid
            next unless @style.numbers
            @lying ? @numbered.write(said(value), at - ems(4), @plot.y + @plot.height, ems(8), ems(1.6), align: "middle") : @numbered.write(said(value), @plot.x - ems(8 + TICK), at - ems(1), ems(8), ems(2), align: "right")
          end
          zero = along(zero_value)
          @pen.line(@lying ? [ [ zero, @plot.y ], [ zero, @plot.y + @plot.height ] ] : [ [ @plot.x, zero ], [ @plot.x + @plot.width, zero ] ], @style.lines[:names]) if @style.names && @style.lines[:names]
          @pen.line(@lying ? [ [ @plot.x, @plot.y + @plot.height ], [ @plot.x + @plot.width, @plot.y + @plot.height ] ] : [ [ @plot.x, @plot.y ], [ @plot.x, @plot.y + @plot.height ] ], @style.lines[:numbers]) if @style.numbers && @style.lines[:numbers]
        end

        # The value at which the axis of words stands.
        def zero_value = 0.clamp(@scale.low, @scale.high)

        def second_numbers
          right = @plot.x + @plot.width
          @pen.line([ [ right, @plot.y ], [ right, @plot.y + @plot.height ] ], @style.lines[:numbers]) if @style.lines[:numbers]
          @second.ticks.each { |value| @numbered.write(Chart::Numbers.say(value, @style.second.format), right + ems(TICK), along(value, @second) - ems(1), ems(8), ems(2)) }
        end

        def names
          return unless @style.names
          band(@plot.width, @plot.height) unless @lying
          every = [ (ems(1, @named) / room).ceil, 1 ].max
          @categories.each_with_index { |words, index| name(words, slot(index)) if (index % every).zero? }
        end

        def name(words, at)
          return @named.write(words, (inside? ? along(zero_value) : @plot.x) - ems(40 + TICK, @named), at, ems(40, @named), room, align: "right") if @lying
          foot = (inside? ? along(zero_value) : @plot.y + @plot.height) + ems(TICK, @named)
          return @named.write(words, at, foot, room, ems(ROWS, @named), align: "middle", anchor: "top") unless @sloping
          sloping(words, at + room / 2, foot)
        end

        # Words that go up to where they stand, or down from there.
        def sloping(words, x, y)
          long, turn = @named.width(words) + 2, @slope * Math::PI / 180
          @named.write(words, x - Math.cos(turn) * long / 2 * (turn <=> 0) - long / 2, y + Math.sin(turn.abs) * long / 2 - ems(0.5, @named), long, ems(1.2, @named), align: turn.positive? ? "right" : "left", turn: -@slope)
        end

        # Of all values of a category that stand on each other, for shares.
        def whole(series, index) = shares? ? [ series.sum { |one| one.values[index].to_f.abs }, 1e-9 ].max : 1

        def bars(series)
          count = stacked? ? 1 : series.size
          broad = room / (count - @style.overlap * (count - 1) + @style.gap)
          lead = (room - broad * (count - @style.overlap * (count - 1))) / 2
          @categories.each_index do |index|
            bases = [ 0.0, 0.0 ]
            series.each_with_index do |one, number|
              value = one.values[index]&.fdiv(whole(series, index)) or next
              side = value.negative? ? 0 : 1
              base = stacked? ? bases[side] : 0.0
              at = slot(index) + lead + (stacked? ? 0 : broad * (1 - @style.overlap) * (@lying ? count - 1 - number : number))
              bar(one, index, at, broad, along(base, scale_of(one)), along(base + value, scale_of(one)))
              bases[side] += value
            end
          end
        end

        def bar(one, index, at, broad, base, tip)
          from, to = [ base, tip ].minmax
          deep? ? block(one.colour(index), at, broad, from, to) : @pen.rectangle(*(@lying ? [ from, at, to - from, broad ] : [ at, from, broad, to - from ]), one.colour(index), edge: one.edge)
          label(one, index, at + broad / 2, base, tip) if one.labels && one.label?(index)
        end

        # Where there are many, their sides would be all that is seen.
        def deep? = @style.deep && @categories.size * @series.size <= FEW

        # A bar with the two sides of it that are seen from the upper right.
        def block(colour, at, broad, from, to)
          deep = [ broad * DEEP, ems(1, @pen) ].min
          left, top, right, bottom = @lying ? [ from, at + deep, to, at + broad ] : [ at, from, at + broad - deep, to ]
          @pen.rectangle(left, top, right - left, bottom - top, colour)
          { LIT => [ [ left, top ], [ left + deep, top - deep ], [ right + deep, top - deep ], [ right, top ] ], SHADED => [ [ right, top ], [ right + deep, top - deep ], [ right + deep, bottom - deep ], [ right, bottom ] ] }.each do |shade, corners|
            @pen.filled(corners, AS_IT_IS, Tints.shaded(colour, shade))
          end
        end

        # What stands at a bar: behind its tip, before that, in its middle, or at its base. across: the middle of its breadth.
        def label(one, index, across, base, tip)
          pen, words = @pen.as(one.lettered), said_at(one, index)
          wide, high = pen.width(words) + ems(TICK, pen), ems(1.4, pen)
          half = (@lying ? wide : high) / 2 * (tip < base ? -1 : 1)
          along = { "ctr" => (base + tip) / 2, "inEnd" => tip - half, "inBase" => base + half }.fetch(one.at || (stacked? ? "ctr" : nil), tip + half)
          x, y = @lying ? [ along, across ] : [ across, along ]
          pen.write(words, x - wide / 2, y - high / 2, wide, high, align: "middle")
        end

        def said_at(one, index) = Chart::Numbers.say(one.values[index], one.second && @second ? @style.second.format : (@style.format unless shares?))

        def course(one)
          places = one.values.first(@categories.size).each_with_index.filter_map { |value, index| [ slot(index) + room / 2, along(value, scale_of(one)), index ] if value }
          @pen.line(places.map { |x, y, _| [ x, y ] }, one.colour(0), one.breadth) if one.line && places.size > 1
          places.each { |x, y, index| @pen.dot(x, y, DOT, one.dots[index % one.dots.size]) } if one.dots
          pen = @pen.as(one.lettered)
          places.each { |x, y, index| pen.write(said_at(one, index), x - ems(3, pen), y - ems(1.8, pen), ems(6, pen), ems(1.4, pen), align: "middle") if one.labels && one.label?(index) }
        end

        # Down to those they stand on.
        def areas(series)
          below = Array.new(@categories.size, 0.0)
          flat = Geometry::Box.new(@plot.x, @plot.y, @plot.width, @plot.height, 0)
          layers = series.map { |one| @categories.each_index.map { |index| one.values[index].to_f / whole(series, index) } }.map do |values|
            floor = below
            [ values.zip(floor).map(&:sum), floor ].tap { |tops, _| below = tops if stacked? }
          end
          across = ->(index) { @categories.size < 2 ? 0.5 : index / (@categories.size - 1.0) }
          layers.zip(series).reverse_each do |(tops, floors), one|
            scale = scale_of(one)
            edge = tops.each_with_index.map { |value, index| [ across[index], 1 - scale.share(value) ] } + floors.each_with_index.map { |value, index| [ across[index], 1 - scale.share(value) ] }.reverse
            @pen.filled(edge, flat, one.colour(0), edge: one.edge) if edge.size > 2
          end
        end
      end
    end
  end
end
