module Usher
  module Formats
    module Slides
      # How the parts of a diagram are drawn, whatever their places are: forms with words in letters of one size.
      class OpenXml::Diagram::Arrangement
        LETTERS = [ 65, 54, 44, 36, 32, 28, 24, 20, 18, 16, 14, 12, 11, 10, 9, 8, 7, 6 ].freeze # points, tried in turn
        LESS = 0.78 # of those letters, what belongs to an entry has
        INSET = 4.0 # points
        LIGHTER = 0.6 # than the boxes, what leads from one to the next
        LISTED = 0.8 # the same, of what lies behind lists
        PLAIN = "rect".freeze

        # face: one of Fonts, or nil; algorithms, forms, ways: the names of all of them in the layout, in their order.
        def initialize(canvas, colour, face: nil, algorithms: [], forms: [], ways: [], **)
          @canvas, @colour, @face, @algorithms, @form, @ways = canvas, colour, face || Chart::Pen::FACE, algorithms, forms.first || PLAIN, ways
        end

        private

        # A form with an entry in it, upright however it is turned; listed: with all that belongs to it below its words.
        def block(entry, box, letters, form: @form, listed: true)
          written = words(entry, letters, listed).tap { |own| own.area = Forms.area(form, box.width, box.height) }
          @canvas.together do
            @canvas.form(form, box, look(@colour))
            @canvas.write(written, Geometry::Box.new(box.x, box.y, box.width, box.height, 0))
          end
        end

        # What belongs to entries, each in a form of its own: [[Entry, Box], ...].
        def lists(all, most)
          written = ->(entry, size) { Words.new(entry.below.map { |part, depth| line(part.words, size, list: "bullets", indent: (depth - 1) * size, ink: Colour::INK) }, insets: [ INSET ] * 4) }
          size = LETTERS.find { |one| one <= most && all.all? { |entry, box| written.(entry, one).then { |own| own.length(1.0) <= box.width && own.height(box.width, 1.0) <= box.height } } } || LETTERS.last
          all.each { |entry, box| @canvas.form(PLAIN, box, look(lighter(LISTED)), words: written.(entry, size)) }
        end

        # Points of the largest letters in which all these have room in boxes of their own: [[Entry, Box, form], ...].
        def letters(all, listed: true)
          LETTERS.find do |size|
            all.all? do |entry, box, form|
              left, top, right, bottom = Forms.area(form || @form, box.width, box.height) || [ 0, 0, 1, 1 ]
              own = words(entry, size, listed)
              own.length(1.0) <= box.width * (right - left) && own.height(box.width * (right - left), 1.0) <= box.height * (bottom - top)
            end
          end || LETTERS.last
        end

        def words(entry, size, listed)
          parts = listed ? entry.below : []
          head = line(entry.words, size, align: parts.any? ? "left" : "middle")
          Words.new([ head, *parts.map { |part, depth| line(part.words, size * LESS, list: "bullets", indent: (depth - 1) * size) } ], insets: [ INSET ] * 4, anchor: parts.any? ? "top" : "middle")
        end

        def line(text, size, align: "left", list: "none", indent: 0.0, ink: Colour::WHITE)
          run = Words::Run.new(text: text, size: size.to_f, face: @face, bold: false, italic: false, colour: ink)
          Words::Paragraph.new(runs: [ run ], align: align, list: list, indent: indent, before: 0, after: 0)
        end

        def lighter(share) = Paint.mean([ @colour, Colour::WHITE ], [ 1 - share, share ])
        def look(fill) = Look.new(fill: fill, stroke: Colour::WHITE, stroke_width: 1, dash: "solid", opacity: 1)
      end
    end
  end
end
