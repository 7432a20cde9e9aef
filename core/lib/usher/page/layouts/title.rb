module Usher
  module Page
    module Layouts
      # The first page of a lesson.
      class Title < Layout
        def lay
          put("line", 200, 520, 1_200, 0, stroke: Usher::Colour::BRASS, stroke_width: 8, ends: [ [ 0, 0 ], [ 1, 0 ] ])
          put("text", 200, 330, 1_200, 0, text: "Title of the lesson", size: 110, font: "title", bold: true, colour: Usher::Colour::VELVET, align: "middle")
          text("Subject, class, date", 200, 560, 1_200, size: 44, align: "middle", colour: Usher::Colour::SOFT)
        end
      end
    end
  end
end
