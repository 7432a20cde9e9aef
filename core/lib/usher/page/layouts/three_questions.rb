module Usher
  module Page
    module Layouts
      # Before, during and after.
      class ThreeQuestions < Layout
        def lay
          title("Three questions")
          [ "What do we know?", "What do we ask?", "What did we find out?" ].each_with_index do |words, column|
            x = 100 + column * 475
            panel(x, 190, 450, 650)
            text(words, x + 26, 215, 400, size: 36, bold: true, colour: Usher::Colour::VELVET)
          end
        end
      end
    end
  end
end
