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

        # What of a picture of this size lies under covers (boxes) on a page of that; see Veil.
        def under(covers, width, height, size:)
          left, top, wide, high = place(width, height, size: size)
          Veil.of(covers, Geometry::Box.new(0, 0, *size, 0)) { |x, y| [ (x - left) / wide, (y - top) / high ] }
        end

        def veiled(parts) = clone.tap { |copy| copy.instance_variable_set(:@veil, parts) }

        private

        def rules(width, height)
          Markup.tag("image", href: Veil.address(picture, @veil || []), width: width, height: height, preserveAspectRatio: "xMidYMid #{fit == 'cover' ? 'slice' : 'meet'}")
        end
      end
    end
  end
end
