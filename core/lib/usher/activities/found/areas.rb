module Usher
  module Activities
    module Found
      # Things to find from closed shapes that were drawn over a picture; what is written in one says what it is.
      module Areas
        module_function

        def on(items)
          items.grep(Items::Picture).filter_map do |picture|
            rows = items.grep(Items::Shape).filter_map { |shape| row(picture, shape) }
            Proposal.new(kind: "find", from: picture.id, title: "Find it", rows: rows, picture: Found.face_of(picture), settings: {}) if rows.any?
          end
        end

        # What is written in it, and its area; nil where it does not lie on the picture.
        def row(picture, shape)
          corners = shape.box.corners.map { |corner| Found.on_picture(picture, corner) }
          return if corners.include?(nil)
          upright = (shape.box.angle || 0).zero?
          name = { Items::Ellipse => "ellipse", Items::Rectangle => "rectangle" }[shape.class]
          [ shape.words.strip, upright && name ? [ name, *corners[0], *corners[2] ].join(" ") : [ "outline", *corners.flatten ].join(" ") ]
        end
      end
    end
  end
end
