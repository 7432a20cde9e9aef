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

        private

        def rules(width, height)
          Markup.tag("image", href: format(Items::Picture::ADDRESS, picture), width: width, height: height, preserveAspectRatio: "xMidYMid #{fit == 'cover' ? 'slice' : 'meet'}")
        end
      end
    end
  end
end
