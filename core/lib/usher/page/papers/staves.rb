module Usher
  module Page
    module Papers
      # Music staves of five lines.
      class Staves < Paper
        measure :gap, "Between lines", Types::Number.new(1.5..10), default: 3, choices: { 1.75 => "1.75 mm", 2 => "2 mm", 3 => "3 mm", 5 => "5 mm" }

        LINES = 5
        BETWEEN = 5 # gaps between two staves

        private

        def rules(width, height)
          gap = self.gap * MM
          stave = (LINES - 1) * gap
          count = [ ((height - BETWEEN * gap) / (stave + BETWEEN * gap)).floor, 1 ].max
          top = (height - count * stave - (count - 1) * BETWEEN * gap) / 2
          left, right = 12 * MM, width - 12 * MM
          staves = (0...count).flat_map do |index|
            y = top + index * (stave + BETWEEN * gap)
            (0...LINES).map { |number| "M#{n(left)} #{n(y + number * gap)}H#{n(right)}" } + [ "M#{n(left)} #{n(y)}v#{n(stave)}M#{n(right)} #{n(y)}v#{n(stave)}" ]
          end
          line(staves, colour: "#7a6a70", stroke_width: 1.8)
        end
      end
    end
  end
end
