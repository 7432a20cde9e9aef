module Usher
  module Page
    module Layouts
      # One thing after the other.
      class Steps < Layout
        def lay
          title("One thing after the other")
          4.times do |step|
            x = 90 + step * 365
            panel(x, 300, 300, 360)
            put("ellipse", x + 110, 258, 80, 80, fill: Usher::Colour::VELVET, stroke: "none")
            text((step + 1).to_s, x + 110, 264, 80, size: 52, font: "title", bold: true, colour: Usher::Colour::WHITE, align: "middle")
            put("arrow", x + 308, 480, 50, 0, ends: [ [ 0, 0 ], [ 1, 0 ] ], stroke: Usher::Colour::BRASS, stroke_width: 7) if step < 3
          end
        end
      end
    end
  end
end
