module Usher
  module Page
    module Layouts
      # Things to tick off.
      class Checklist < Layout
        def lay
          title("What we do today")
          5.times do |row|
            y = 200 + row * 128
            put("rectangle", 110, y + 6, 64, 64, fill: Usher::Colour::WHITE, stroke: Usher::Colour::TIDE, stroke_width: 5, round: 12)
            text("Step #{row + 1}", 210, y + 10, 1_250, size: 44)
          end
        end
      end
    end
  end
end
