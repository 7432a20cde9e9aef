module Usher
  module Formats
    module Slides
      # What a chart is drawn with: a canvas, and letters of one size and colour.
      class Chart::Pen
        FACE = Fonts::Face.new("plain", *Fonts::EVEN).freeze
        LINE = 1.2 # ems from one line to the next
        LONGEST = 160 # characters

        attr_reader :canvas, :letters

        # letters: points; ink: their colour; face: one of Fonts, or nil.
        def initialize(canvas, letters, ink, bold: false, face: nil)
          @canvas, @letters, @ink, @bold, @face = canvas, letters, ink, bold, face || FACE
        end

        # One with other letters. look: Chart::Letters, or nil.
        def as(look) = look ? Chart::Pen.new(@canvas, look.size || @letters, look.ink || @ink, bold: look.bold.nil? ? @bold : look.bold, face: look.face || @face) : self

        # How broad words are in one line, in points.
        def width(words) = Text::Faces.fetch(@face.font, bold: @bold).width(words.to_s[0, LONGEST]) * @letters

        # How high they are within a breadth, lines breaking between words.
        def height(words, room) = lines(words, room) * LINE * @letters

        def lines(words, room)
          left = 0
          words.to_s[0, LONGEST].split.reduce(0) do |count, word|
            wide = width("#{word} ")
            fits = left >= wide && count.positive?
            left = fits ? left - wide : room - wide
            fits ? count : count + 1
          end
        end

        # What lies behind the plot. look: a Look, or nil.
        def wall(plot, look)
          @canvas.form("rect", Geometry::Box.new(plot.x, plot.y, plot.width, plot.height, 0), look) if look
        end

        # edge: the Chart::Stroke about it, or nil.
        def rectangle(x, y, width, height, colour, edge: nil) = @canvas.form("rect", Geometry::Box.new(x, y, [ width, 0.5 ].max, [ height, 0.5 ].max, 0), edged(colour, edge))
        def dot(x, y, radius, colour) = @canvas.form("ellipse", Geometry::Box.new(x - radius, y - radius, radius * 2, radius * 2, 0), look(colour))
        def line(places, colour, width = 0.75) = @canvas.line(places, look("none", stroke: colour, width: width))

        # A form through [[x, y], ...] in shares of a box; none where it has no breadth.
        def filled(places, box, colour, edge: nil)
          outline = Outline.new
          outline.move(places.first)
          places.drop(1).each { |place| outline.line(place) }
          outline.close
          drawn(outline, box, colour, edge: edge)
        end

        def drawn(outline, box, colour, edge: nil) = @canvas.drawn(outline, box, edged(colour, edge))

        # Words in the middle of a box from top to bottom. turn: degrees clockwise about its middle; anchor: where they stand in it.
        def write(words, x, y, width, height, align: "left", turn: 0, anchor: "middle")
          return if words.to_s.strip.empty? || width <= 0
          run = Words::Run.new(text: words.to_s[0, LONGEST].tr("\n", " "), size: @letters, face: @face, bold: @bold, italic: false, colour: @ink)
          @canvas.write(Words.new([ Words::Paragraph.new(runs: [ run ], align: align, list: "none", indent: 0.0) ], insets: [ 0, 0, 0, 0 ], anchor: anchor), Geometry::Box.new(x, y, width, [ height, 1 ].max, turn))
        end

        private

        def edged(colour, edge) = edge ? look(colour, stroke: edge.colour, width: edge.width) : look(colour)

        def look(fill, stroke: "none", width: 0) = Look.new(fill: fill, stroke: stroke, stroke_width: width, dash: "solid", opacity: 1)
      end
    end
  end
end
