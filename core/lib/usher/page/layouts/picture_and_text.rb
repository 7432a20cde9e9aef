module Usher
  module Page
    module Layouts
      # Room for a picture, and words beside it.
      class PictureAndText < Layout
        def lay
          title("Look closely")
          panel(100, 190, 760, 650, dash: "dashed")
          text("Drop a picture here", 100, 490, 760, size: 36, align: "middle", colour: Usher::Colour::SOFT)
          text("What do you see?\nWhat do you wonder?\nWhat comes next?", 910, 220, 590, size: 44, lists: %w[bullets bullets bullets])
        end
      end
    end
  end
end
