module Usher
  module Page
    module Papers
      # One or several number lines, one under the other.
      class NumberLine < Paper
        measure :from, "From", Axes::VALUE, default: 0
        measure :to, "To", Axes::VALUE, default: 20
        measure :step, "Step", Axes::STEP, default: 1
        measure :rows, "Lines", Types::Number.new(1..6, digits: 0), default: 3, choices: { 1 => "1", 2 => "2", 3 => "3", 4 => "4" }

        def check = scale.check

        private

        def scale = Page::Scale.new(from, to, step)

        def rules(width, height)
          left, right = 90.0, width - 90.0
          marks = scale.marks.map { |value, share| [ value, left + share * (right - left) ] }
          (1..rows).map { |row| one(marks, height * (row - 0.5) / rows, left, right) }.join
        end

        def one(marks, y, left, right)
          gap = marks.size > 1 ? marks[1][1] - marks[0][1] : 100
          longest = marks.map { |value, _| Page::Scale.words(value).length }.max
          every = [ ((longest * 13 + 16) / [ gap, 0.1 ].max).ceil, 1 ].max
          ticks = marks.each_with_index.map { |(_, x), index| reach = (index % every).zero? ? 16 : 9; "M#{n(x)} #{n(y - reach)}v#{2 * reach}" }
          shown = marks.select.with_index { |_, index| (index % every).zero? }.map { |value, x| words(x, y + 48, Page::Scale.words(value), size: 24) }
          line([ "M#{n(left - 34)} #{n(y)}H#{n(right + 34)}m-14 -9l14 9l-14 9", *ticks ], colour: Usher::Colour::INK, stroke_width: 3, "stroke-linejoin": "round", "stroke-linecap": "round") + shown.join
        end
      end
    end
  end
end
