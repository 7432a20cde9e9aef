module Usher
  module Formats
    module Slides
      # What the two axes of a chart are called: under the one, and beside the other, going up.
      class Chart::Titles
        ROOM = 1.8 # ems

        # across, up: [words, Pen] of each axis; words are nil or empty where it has no title.
        def initialize(across:, up:)
          @across, @up = [ across, up ].map { |words, pen| [ words.to_s, pen ] unless words.to_s.empty? }
        end

        # Draws them at the edges of a Box in points, in the middle of the plot's own where the file puts it, and answers with what
        # they leave.
        def draw(box, plot = nil)
          left, foot = [ @up, @across ].map { |_, pen| pen ? ROOM * pen.letters : 0 }
          rest = Geometry::Box.new(box.x + left, box.y, [ box.width - left, 1 ].max, [ box.height - foot, 1 ].max, 0)
          middle = plot || rest
          @across&.then { |words, pen| pen.write(words, middle.x, box.y + box.height - foot, middle.width, foot, align: "middle") }
          @up&.then { |words, pen| pen.write(words, box.x + left / 2 - middle.height / 2, middle.y + middle.height / 2 - left / 2, middle.height, left, align: "middle", turn: -90) }
          rest
        end
      end
    end
  end
end
