module Usher
  module Activities
    module Found
      # Labels from short texts that lie on a picture.
      module Labels
        SHORT = 40 # characters

        module_function

        def on(items)
          items.grep(Items::Picture).filter_map do |picture|
            rows = Found.written(items).filter_map do |item|
              at = Found.on_picture(picture, item.box.centre)
              [ item.words.tr("\n", " ").strip, at.join(" ") ] if at && item.words.length <= SHORT
            end
            Proposal.new(kind: "label", from: picture.id, title: "Label the picture", rows: rows, picture: Found.face_of(picture), settings: { "how" => "dragged" }) if rows.any?
          end
        end
      end
    end
  end
end
