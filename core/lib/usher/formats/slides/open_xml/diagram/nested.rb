module Usher
  module Formats
    module Slides
      # Boxes in boxes, as the parts belong together, where nothing else is known of them.
      class OpenXml::Diagram::Nested < OpenXml::Diagram::Arrangement
        TINTS = [ 0, 0.6, 0.85, 0.6 ].freeze # how much lighter than the colour a box is, by how deep it lies
        GAP, HEAD = 0.08, 0.3 # of the shorter side between boxes, and of the height for words over others
        SIZES = 6.0..28.0 # points
        SHARE = 0.34 # of a box's height that a line of letters may have

        # In rows and columns that leave each about as broad as high, twice over.
        def draw(entries, box, depth = 0)
          columns = Math.sqrt(entries.size * box.width / [ box.height * 2, 1 ].max).round.clamp(1, entries.size)
          rows = (entries.size / columns.to_f).ceil
          gap = [ box.width / columns, box.height / rows ].min * GAP
          wide, high = (box.width - gap * (columns - 1)) / columns, (box.height - gap * (rows - 1)) / rows
          entries.each_with_index do |entry, index|
            row, column = index.divmod(columns)
            put(entry, Geometry::Box.new(box.x + column * (wide + gap), box.y + row * (high + gap), wide, high, 0), depth)
          end
        end

        private

        def put(entry, box, depth)
          @canvas.form("roundRect", box, look(lighter(TINTS[depth])))
          head = entry.parts.any? ? box.height * HEAD : box.height
          pen = Chart::Pen.new(@canvas, (head * SHARE).clamp(SIZES.begin, SIZES.end), depth.zero? ? Colour::WHITE : Colour::INK, face: @face)
          gap = [ box.width, box.height ].min * GAP
          pen.write(entry.words, box.x + gap / 2, box.y, box.width - gap, head, align: "middle")
          draw(entry.parts, Geometry::Box.new(box.x + gap, box.y + head, box.width - 2 * gap, box.height - head - gap, 0), depth + 1) if entry.parts.any?
        end
      end
    end
  end
end
