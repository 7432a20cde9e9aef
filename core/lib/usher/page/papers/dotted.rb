module Usher
  module Page
    module Papers
      # Dots in squares.
      class Dotted < Paper
        measure :spacing, "Between dots", Types::Number.new(3..50), default: 10, choices: { 5 => "5 mm", 10 => "10 mm", 20 => "20 mm" }

        private

        # Each row is a line whose dashes have no length: round ends make them dots.
        def rules(width, height)
          gap = spacing * MM
          line(every(gap, height).map { |y| "M#{n(gap)} #{n(y)}H#{n(width)}" }, colour: "#9fb6bf", stroke_width: 5, "stroke-linecap": "round", "stroke-dasharray": "0 #{gap.round(4)}")
        end
      end
    end
  end
end
