module Usher
  module Page
    module Papers
      # Lines to write on, with a margin.
      class Ruled < Paper
        measure :spacing, "Between lines", Types::Number.new(5..30), default: 10, choices: { 7 => "7 mm", 8 => "8 mm", 10 => "10 mm", 15 => "15 mm" }
        measure :margin, "Margin", Types::Flag.new, default: true, choices: { true => "with", false => "without" }

        private

        def rules(width, height)
          gap = spacing * MM
          line(every(gap, height).drop(1).map { |y| across(y, width) }) + (margin ? line([ down(24 * MM, height) ], colour: "#e3b9c9") : "")
        end
      end
    end
  end
end
