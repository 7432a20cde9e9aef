module Usher
  module Page
    module Papers
      # Guide lines for handwriting: the middle zone between two lines, a thin line above for tall
      # letters and one below for tails.
      class Handwriting < Paper
        measure :zone, "Middle zone", Types::Number.new(3..25), default: 7, choices: { 4 => "4 mm", 5.5 => "5.5 mm", 7 => "7 mm", 10 => "10 mm", 15 => "15 mm" }

        private

        def rules(width, height)
          zone = self.zone * MM
          bases = (0..).lazy.map { |row| zone * (2.6 + row * 3.8) }.take_while { |base| base + zone < height }.to_a
          middles = bases.map { |base| Markup.tag("rect", x: 0, y: base - zone, width: width, height: zone, fill: "#e9f2f5") }.join
          middles + line(bases.flat_map { |base| [ across(base - 2 * zone, width), across(base + zone, width) ] }, stroke_width: 1.2, "stroke-dasharray": "8 7") +
            line(bases.flat_map { |base| [ across(base - zone, width), across(base, width) ] }, colour: "#8fb4c1", stroke_width: 2)
        end
      end
    end
  end
end
