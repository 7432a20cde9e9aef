module Usher
  module Formats
    module Slides
      # A diagram of which a file keeps only what is in it (ISO/IEC 29500-1, 21.4.3): boxes in boxes, as its parts belong together.
      class OpenXml::Diagram
        Part = OpenXml::Part
        Entry = Struct.new(:words, :parts)
        NODES, PARTS = [ nil, "node", "asst" ].freeze, [ nil, "parOf" ].freeze # kinds of its points, and of what joins them
        DEEPEST, MOST = 4, 60
        LIGHTER = [ 0, 0.6, 0.85, 0.6 ].freeze # than the colour, by how deep a box lies
        GAP, HEAD = 0.08, 0.3 # of the shorter side between boxes, and of the height for words over others
        LETTERS = 6.0..28.0 # points
        SHARE = 0.34 # of a box's height that a line of letters may have

        # root: of the part with its data; colour: of its outer boxes. nil where nothing is written in it.
        def self.read(root, colour) = new(root, colour).then { |diagram| diagram if diagram.any? }

        def initialize(root, colour)
          @colour = colour
          points = Part.all(root, "ptLst", "pt").first(MOST * 4).to_h { |point| [ point["modelId"], point ] }
          @nodes = points.select { |_, point| NODES.include?(point["type"]) }
          @joined = Part.all(root, "cxnLst", "cxn").select { |one| PARTS.include?(one["type"]) && @nodes.key?(one["destId"]) }.sort_by { |one| one["srcOrd"].to_i }.group_by { |one| one["srcId"] }
          whole = points.find { |_, point| point["type"] == "doc" }&.first
          @entries = entries(whole, 0)
        end

        def any? = @entries.any?

        # Onto a Canvas, in a box in points.
        def draw(canvas, box) = canvas.together { spread(canvas, @entries, box, 0) }

        private

        # What belongs to one of its points; of parts in which nothing is written, what belongs to them.
        def entries(id, depth)
          return [] if depth >= DEEPEST
          @joined.fetch(id, []).first(MOST).flat_map do |one|
            words, parts = written(@nodes[one["destId"]]), entries(one["destId"], depth + 1)
            words.empty? ? parts : [ Entry.new(words, parts) ]
          end
        end

        def written(point) = Part.all(point, "t", "p").map { |line| line.xpath(".//*[local-name()='t']").map(&:text).join }.join(" ").strip

        # In rows and columns that leave each about as broad as high, twice over.
        def spread(canvas, entries, box, depth)
          columns = Math.sqrt(entries.size * box.width / [ box.height * 2, 1 ].max).round.clamp(1, entries.size)
          rows = (entries.size / columns.to_f).ceil
          gap = [ box.width / columns, box.height / rows ].min * GAP
          wide, high = (box.width - gap * (columns - 1)) / columns, (box.height - gap * (rows - 1)) / rows
          entries.each_with_index do |entry, index|
            row, column = index.divmod(columns)
            put(canvas, entry, Geometry::Box.new(box.x + column * (wide + gap), box.y + row * (high + gap), wide, high, 0), depth)
          end
        end

        def put(canvas, entry, box, depth)
          fill = Paint.mean([ *[ @colour ] * (20 * (1 - LIGHTER[depth])), *[ Colour::WHITE ] * (20 * LIGHTER[depth]) ])
          canvas.form("roundRect", box, Look.new(fill: fill, stroke: Colour::WHITE, stroke_width: 1, dash: "solid", opacity: 1))
          head = entry.parts.any? ? box.height * HEAD : box.height
          pen = Chart::Pen.new(canvas, (head * SHARE).clamp(LETTERS.begin, LETTERS.end), depth.zero? ? Colour::WHITE : Colour::INK)
          gap = [ box.width, box.height ].min * GAP
          pen.write(entry.words, box.x + gap / 2, box.y, box.width - gap, head, align: "middle")
          spread(canvas, entry.parts, Geometry::Box.new(box.x + gap, box.y + head, box.width - 2 * gap, box.height - head - gap, 0), depth + 1) if entry.parts.any?
        end
      end
    end
  end
end
