module Usher
  module Activities
    module Found
      # Labels from short texts that lie on a picture, and from what was rubbed out of it: printed words where they are
      # known, else a place for each spot, to be named by the teacher.
      class Labels
        SHORT = 40 # characters

        def self.with(lines) = new(lines)

        # lines: see Found.on.
        def initialize(lines)
          @lines = lines
        end

        def on(items)
          items.grep(Items::Picture).filter_map do |picture|
            rows = written(picture, items) + rubbed(picture)
            Proposal.new(kind: "label", from: picture.id, title: "Label the picture", rows: rows, picture: Found.face_of(picture), settings: { "how" => "dragged" }) if rows.any?
          end
        end

        private

        def written(picture, items)
          Found.written(items).filter_map do |item|
            at = Found.on_picture(picture, item.box.centre)
            [ item.words.tr("\n", " ").strip, at.join(" ") ] if at && item.words.length <= SHORT
          end
        end

        # A row for each spot that is in sight, in the order of reading.
        def rubbed(picture)
          picture.rubbed_spots.sort_by { |left, top, *| [ top.round(1), left ] }.filter_map do |spot|
            at = picture.shown_at(spot[0] + spot[2] / 2.0, spot[1] + spot[3] / 2.0)
            [ words_under(spot, picture), at.map { |share| share.round(4) }.join(" ") ] if at.all? { |share| share.between?(0, 1) }
          end
        end

        # The printed lines whose middle lies in the spot.
        def words_under((left, top, wide, high), picture)
          @lines.fetch(picture.picture, []).select { |x, y, width, height, _| (x + width / 2.0).between?(left, left + wide) && (y + height / 2.0).between?(top, top + high) }
            .map(&:last).join(" ").strip[0, SHORT]
        end
      end
    end
  end
end
