module Usher
  module Items
    # What items made of text share: words, a face, a size, parts that look different, lists, and
    # lines that the core breaks.
    class Written < Item
      include RedactedText

      MAX = 10_000

      def self.even? = true

      # Page units between the box and the text.
      def self.inset = 0

      attribute :text, Types::Line.new(MAX)
      attribute :size, Types::Number.new(8..400), default: 36
      attribute :font, Types::Choice.new(*Usher::Text::Faces::NAMES), default: "read"
      attribute :bold, Types::Flag.new, default: false
      attribute :italic, Types::Flag.new, default: false
      attribute :colour, Types::Colour.new, default: Colour::INK
      # "left" is where reading begins: the right side of a text that reads from the right.
      attribute :align, Types::Choice.new("left", "middle", "right"), default: "left"
      attribute :marks, Usher::Text::Marks::TYPE, default: []
      attribute :lists, Types::List.new(Types::Choice.new("none", "bullets", "numbers"), 0..2_000), default: []

      # What an editor starts from, as one value.
      def hints = redacted? ? super : super.merge("written" => JSON.generate(@values.slice("text", "size", "font", "bold", "italic", "colour", "align", "marks", "lists", *own_looks)))

      # Scaled evenly the letters grow with the box; pulled to one side the lines break anew.
      def scaled(across, down)
        return super unless (across / down - 1).abs < 0.01
        super.merge("size" => (size * across).clamp(8, 400))
      end

      def label = "#{super}: #{open_text[0, 80]}"

      def words = text

      def aloud = open_text

      # The lines as they are broken: [Text::Layout::Line, ...].
      def lines = layout.lines

      private

      def shown_number = text

      def inset = self.class.inset

      # Further attributes an editor needs.
      def own_looks = []

      def settle(values)
        length = super["text"].length
        values.merge("marks" => Usher::Text::Marks.within(values["marks"], length), "lists" => values["lists"].first(values["text"].count("\n") + 1))
      end

      def layout(values = @values)
        return @layout if @layout && values.equal?(@values)
        made = Usher::Text::Layout.new(values["text"], size: values["size"], width: line_room(values) - 2 * inset, lists: values["lists"], advances: advances(values))
        @layout = made if values.equal?(@values)
        made
      end

      # Page units that its lines may have, with what is between the box and them.
      def line_room(values) = values["width"]

      def advances(values)
        looks = Usher::Text::Marks.looks(values["marks"], values["text"].length)
        values["text"].each_char.with_index.map do |char, index|
          look = looks[index]
          Usher::Text::Faces.fetch(values["font"], bold: look.fetch("bold", values["bold"]), italic: look.fetch("italic", values["italic"])).advance(char)
        end
      end

      # Page units from the top of the box to the first line.
      def top = inset

      # The lines as SVG.
      def write
        looks = Usher::Text::Marks.looks(marks, text.length)
        lines = layout.lines.each_with_index.map { |line, index| draw_line(line, looks, top + layout.baseline(index)) }
        Markup.tag("g", { "font-family": Usher::Text::Faces.family(font), "font-size": size, "font-weight": (bold ? 700 : 400),
          "font-style": ("italic" if italic), fill: colour, "xml:space": "preserve" }, lines.join)
      end

      # Each line is a text of its own, because browsers order right-to-left text by the whole element.
      def draw_line(line, looks, baseline)
        x, anchor = anchored(line)
        direction = ("rtl" if line.rtl)
        spans = (line.from...line.to).chunk_while { |a, b| looks[a] == looks[b] }.map { |run| span(text[run.first..run.last], looks[run.first]) }
        return draw_marker(line, baseline) if spans.empty?
        return draw_marker(line, baseline) + draw_pieces(line, looks, baseline) if redacted?
        draw_marker(line, baseline) + Markup.tag("text", { x: x, y: baseline, "text-anchor": anchor, direction: direction }, spans.join)
      end

      def draw_marker(line, baseline)
        return "" unless line.marker
        gap = (line.indent - 0.45) * size
        Markup.tag("text", { x: line.rtl ? width - inset - gap : inset + gap, y: baseline, "text-anchor": line.rtl ? "start" : "end" }, Markup.escape(line.marker))
      end

      def span(part, look)
        return Markup.escape(part) if look.empty?
        looks = { fill: look["colour"] || (Colour::TIDE if look["link"]), "font-weight": { true => 700, false => 400 }[look["bold"]],
          "font-style": { true => "italic", false => "normal" }[look["italic"]], "text-decoration": ("underline" if look["link"]) }
        written = Markup.tag("tspan", looks, Markup.escape(part))
        look["link"] ? Markup.tag("a", { href: look["link"], target: "_blank", rel: "noopener noreferrer" }, written) : written
      end

      # Where a line starts and how it is anchored: [page units from the left, "start" | "middle" | "end"].
      def anchored(line)
        indent = line.indent * size
        left, right = inset + (line.rtl ? 0 : indent), width - inset - (line.rtl ? indent : 0)
        return [ (left + right) / 2.0, "middle" ] if align == "middle"
        (align == "left") ^ line.rtl ? [ left, line.rtl ? "end" : "start" ] : [ right, line.rtl ? "start" : "end" ]
      end
    end
  end
end
