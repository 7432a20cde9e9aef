module Usher
  module Items
    # Text of which a cover hides some letters: each of the others is drawn where it always stands.
    module RedactedText
      include Redacted

      # The characters whose middle lies under one of these covers: [[from, to], ...] (to: left out).
      def hidden_by(covers) = under(covers, letters)

      private

      # The text as a reader may have it.
      def open_text = redacted? ? text.each_char.with_index.map { |char, index| hidden?(index) ? "…" : char }.join.squeeze("…") : text

      # [character, across, down] of the middle of each letter, in the box's own units.
      def letters
        layout.lines.each_with_index.flat_map do |line, number|
          down = top + layout.baseline(number) - size * 0.33
          (line.from...line.to).map { |index| [ index, place_in_line(line, index) + (line.rtl ? -1 : 1) * layout.width(index, index + 1) * size / 2, down ] }
        end
      end

      # A line as the pieces of it that are not hidden, and between tabs.
      def draw_pieces(line, looks, baseline)
        shown = (line.from...line.to).reject { |index| text[index] == "\t" || redacted? && hidden?(index) }
        apart = spread(line).positive?
        shown.slice_when { |a, b| b != a + 1 || looks[a] != looks[b] || (apart && text[a] == " ") }.map do |run|
          Markup.tag("text", { x: place_in_line(line, run.first), y: baseline - rise(looks[run.first]), "text-anchor": "start", direction: ("rtl" if line.rtl) }, span(text[run.first..run.last], looks[run.first]))
        end.join
      end
    end
  end
end
