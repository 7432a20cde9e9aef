module Usher
  module Page
    module Papers
      # A picture of the teacher's own, over the whole page or wholly inside it.
      class Picture < Paper
        measure :picture, "Picture", Types::Number.new(1..2**53, digits: 0), default: nil
        measure :fit, "Size", Types::Choice.new("cover", "whole"), default: "cover", choices: { "cover" => "fills the page", "whole" => "whole picture" }

        def check
          raise Invalid, "Choose a picture for the paper." unless picture
        end

        # Where a picture of this size lies on a page of that: [x, y, width, height] in page units.
        def place(width, height, size:)
          scale = size.zip([ width, height ]).map { |room, side| room / side.to_f }.then { |scales| fit == "cover" ? scales.max : scales.min }
          sides = [ width * scale, height * scale ]
          [ *size.zip(sides).map { |room, side| (room - side) / 2 }, *sides ]
        end

        private

        def rules(width, height)
          Markup.tag("image", href: format(Items::Picture::ADDRESS, picture), width: width, height: height, preserveAspectRatio: "xMidYMid #{fit == 'cover' ? 'slice' : 'meet'}")
        end
      end
    end
  end
end
