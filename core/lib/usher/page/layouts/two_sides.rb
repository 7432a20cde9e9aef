module Usher
  module Page
    module Layouts
      # Two things compared.
      class TwoSides < Layout
        def lay
          title("Two sides compared")
          [ [ "One side", Usher::Colour::TIDE ], [ "The other side", Usher::Colour::LEAF ] ].each_with_index do |(words, colour), side|
            x = 100 + side * 720
            panel(x, 190, 680, 650)
            put("text", x + 40, 215, 600, 0, text: words, size: 46, font: "title", bold: true, colour: colour)
            put("line", x + 40, 296, 600, 0, stroke: colour, stroke_width: 4, ends: [ [ 0, 0 ], [ 1, 0 ] ])
          end
        end
      end
    end
  end
end
