module Usher
  module Text
    # Text broken into lines that fit a width. Greedy, at spaces; a word longer than the width is
    # broken between letters. The breaks are kept as explicit tspans, so every device shows the same.
    class Layout
      LEADING = 1.3
      ASCENT = 0.98

      attr_reader :lines

      # text; face: Text::Face; size: page units per em; width: page units available.
      def initialize(text, face:, size:, width:)
        @face, @size = face, size
        @room = [ width / size.to_f, 0.1 ].max
        @lines = text.split("\n", -1).flat_map { |paragraph| wrap(paragraph) }
        @lines = [ "" ] if @lines.empty?
      end

      # Page units from the top of the first line to the bottom of the last.
      def height = lines.size * @size * LEADING

      # Where line `index` stands, in page units below the top.
      def baseline(index) = (index * LEADING + ASCENT) * @size

      # The widest line, in page units.
      def breadth = lines.map { |line| @face.width(line) }.max * @size

      private

      def wrap(paragraph)
        lines, line = [], +""
        paragraph.scan(/\S+\s*|\A\s+/).each do |word|
          if !line.empty? && @face.width(line + word.rstrip) > @room
            lines << line.rstrip
            line = +""
          end
          word = split(word, lines) if @face.width(word.rstrip) > @room
          line << word
        end
        lines << line.rstrip
      end

      # Takes full lines off a word that is wider than the room; returns what is left of it.
      def split(word, lines)
        while word.rstrip.length > 1 && @face.width(word.rstrip) > @room
          count = 1
          count += 1 while @face.width(word[0, count + 1]) <= @room
          lines << word.slice!(0, count)
        end
        word
      end
    end
  end
end
