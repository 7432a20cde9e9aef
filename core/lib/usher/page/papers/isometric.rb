module Usher
  module Page
    module Papers
      # Equal triangles, for drawing solids.
      class Isometric < Paper
        measure :spacing, "Side of a triangle", Types::Number.new(4..50), default: 12, choices: { 8 => "8 mm", 12 => "12 mm", 20 => "20 mm" }

        private

        def rules(width, height)
          side = spacing * MM
          step = side * Math.sqrt(3) / 2
          rise = width * Math.tan(Math::PI / 6)
          slants = (0..((height + rise) / side).floor).flat_map { |index| y = index * side; [ "M0 #{n(y)}L#{n(width)} #{n(y - rise)}", "M0 #{n(height - y)}L#{n(width)} #{n(height - y + rise)}" ] }
          Markup.tag("svg", { width: width, height: height, viewBox: "0 0 #{n(width)} #{n(height)}" }, line(every(step, width).map { |x| down(x, height) } + slants, stroke_width: 1.3))
        end
      end
    end
  end
end
