module Usher
  module Formats
    module Slides
      # Words that are drawn into their box instead of written in it: each paragraph a line, in the middle, and all of them as large
      # as they can be there, whatever size they have.
      class Banner < Words
        LARGEST = 20 # times, by which they grow

        def initialize(paragraphs, turn: 0)
          lines = paragraphs.map { |one| one.dup.tap { |own| own.align, own.list, own.indent, own.hang = "middle", "none", 0, nil } }
          super(lines, insets: [ 0, 0, 0, 0 ], anchor: "middle", wraps: false, turn: turn)
        end

        def items(box, scale, **)
          return [] if empty?
          room = upright(box)
          factor = [ room.width / [ widest * scale, 1 ].max, room.height / [ height(UNBOUND, scale), 1 ].max, LARGEST ].min
          @paragraphs = @paragraphs.map { |one| grown(one, factor) }
          @blocks = nil
          super(box, scale, whole: true)
        end

        private

        # Points of the longest line.
        def widest = @paragraphs.flat_map { |one| lines(one) }.map { |runs| runs.sum { |run, text| Text::Faces.fetch(run.font, bold: run.bold || false).width(text) * run.size } }.max.to_f

        # The lines of a paragraph, which breaks nowhere by itself: [[[Run, words], ...], ...].
        def lines(paragraph)
          paragraph.runs.each_with_object([ [] ]) do |run, all|
            run.text.split("\n", -1).each_with_index do |text, index|
              all << [] if index.positive?
              all.last << [ run, text ]
            end
          end
        end

        def grown(paragraph, factor)
          paragraph.dup.tap { |own| own.before, own.runs = own.before * factor, paragraph.runs.map { |run| run.dup.tap { |larger| larger.size *= factor } } }
        end
      end
    end
  end
end
