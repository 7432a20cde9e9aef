module Usher
  module Page
    module Papers
      # Squares.
      class Squared < Paper
        measure :spacing, "Squares", Types::Number.new(2..50), default: 10, choices: { 5 => "5 mm", 7 => "7 mm", 10 => "10 mm", 20 => "20 mm" }

        private

        def rules(width, height)
          gap = spacing * MM
          line(every(gap, height).map { |y| across(y, width) } + every(gap, width).map { |x| down(x, height) }, stroke_width: 1.5)
        end
      end
    end
  end
end
