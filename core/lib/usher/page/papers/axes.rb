module Usher
  module Page
    module Papers
      # Coordinate axes with their numbers, and a grid if wanted.
      class Axes < Paper
        VALUE = Types::Number.new(-100_000..100_000, digits: 4)
        STEP = Types::Number.new(0.0001..100_000, digits: 4)

        measure :x_from, "x from", VALUE, default: -10
        measure :x_to, "x to", VALUE, default: 10
        measure :x_step, "x step", STEP, default: 1
        measure :y_from, "y from", VALUE, default: -5
        measure :y_to, "y to", VALUE, default: 5
        measure :y_step, "y step", STEP, default: 1
        measure :grid, "Grid", Types::Flag.new, default: true, choices: { true => "with", false => "without" }

        EDGE = 70 # page units kept free around
        CROWDED = 46 # page units a number needs

        def check = [ across_scale, down_scale ].each(&:check)

        private

        def across_scale = Page::Scale.new(x_from, x_to, x_step)
        def down_scale = Page::Scale.new(y_from, y_to, y_step)

        def rules(width, height)
          xs = across_scale.marks.map { |value, share| [ value, EDGE + share * (width - 2 * EDGE) ] }
          ys = down_scale.marks.map { |value, share| [ value, height - EDGE - share * (height - 2 * EDGE) ] }
          # The axes cross at nothing, or at the edge nearest to it.
          y_axis = EDGE + across_scale.share(0).clamp(0, 1) * (width - 2 * EDGE)
          x_axis = height - EDGE - down_scale.share(0).clamp(0, 1) * (height - 2 * EDGE)
          lattice = grid ? line(xs.map { |_, x| "M#{n(x)} #{EDGE}V#{n(height - EDGE)}" } + ys.map { |_, y| "M#{EDGE} #{n(y)}H#{n(width - EDGE)}" }, stroke_width: 1.3) : ""
          lattice + axes(width, height, x_axis, y_axis) + numbers(xs, ys, x_axis, y_axis)
        end

        def axes(width, height, x_axis, y_axis)
          right, top = width - EDGE + 34, EDGE - 34
          arrows = [ "M#{EDGE - 20} #{n(x_axis)}H#{n(right)}m-14 -9l14 9l-14 9", "M#{n(y_axis)} #{n(height - EDGE + 20)}V#{n(top)}m-9 14l9 -14l9 14" ]
          line(arrows, colour: Usher::Colour::INK, stroke_width: 3, "stroke-linejoin": "round", "stroke-linecap": "round") + words(right, x_axis - 18, "x", size: 28) + words(y_axis + 26, top + 8, "y", size: 28)
        end

        # As many as there is room for; the one where the axes cross is left out.
        def numbers(xs, ys, x_axis, y_axis)
          ticks = xs.map { |_, x| "M#{n(x)} #{n(x_axis - 7)}v14" } + ys.map { |_, y| "M#{n(y_axis - 7)} #{n(y)}h14" }
          shown = roomy(xs).reject { |_, x| (x - y_axis).abs < 1 }.map { |value, x| words(x, x_axis + 32, Page::Scale.words(value)) } +
            roomy(ys).reject { |_, y| (y - x_axis).abs < 1 }.map { |value, y| words(y_axis - 14, y + 8, Page::Scale.words(value), anchor: "end") }
          line(ticks, colour: Usher::Colour::INK, stroke_width: 2) + shown.join
        end

        def roomy(marks)
          gap = marks.size > 1 ? (marks[1][1] - marks[0][1]).abs : CROWDED
          every = [ (CROWDED / [ gap, 0.1 ].max).ceil, 1 ].max
          origin = marks.index { |value, _| value.zero? } || 0
          marks.select.with_index { |_, index| ((index - origin) % every).zero? }
        end
      end
    end
  end
end
