module Usher
  module Items
    # What items made of text share: words, a face, a size, parts that look different, lists, and
    # lines that the core breaks.
    class Written < Item
      include RedactedText

      MAX = 10_000
      ABOVE, BELOW = 0.93, 0.27 # ems of what is highlighted, from the baseline

      # How a whole text looks, and what an editor of it has to know.
      ALIGNS = %w[left middle right both].freeze # both: lines reach from edge to edge, but for the last of a paragraph
      LOOKS = %w[size font bold italic colour align leading gap hang tab tracking sign_colour sign_size sign_font].freeze

      def self.even? = true

      # Page units between the box and the text, where nothing else is said (see padding).
      def self.inset = 0

      attribute :text, Types::Line.new(MAX)
      attribute :size, Types::Number.new(8..400), default: 36
      attribute :font, Types::Choice.new(*Usher::Text::Faces::NAMES), default: "read"
      attribute :bold, Types::Flag.new, default: false
      attribute :italic, Types::Flag.new, default: false
      attribute :colour, Types::Colour.new, default: Colour::INK
      # "left" is where reading begins: the right side of a text that reads from the right.
      attribute :align, Types::Choice.new(*ALIGNS), default: "left"
      attribute :marks, Usher::Text::Marks::TYPE, default: []
      attribute :lists, Types::List.new(Usher::Text::ListKind.new, 0..2_000), default: []
      attribute :leading, Types::Number.new(0.5..5), default: Usher::Text::Layout::LEADING, spare: true # ems from one baseline to the next
      attribute :gap, Types::Number.new(0..10), default: 0, spare: true # ems between paragraphs
      attribute :hang, Types::Number.new(0.5..10), default: Usher::Text::Layout::HANG, spare: true # ems that a list's words stand behind its signs
      attribute :tab, Types::Number.new(0.25..100), default: Usher::Text::Layout::TAB, spare: true # ems from one tab stop to the next
      attribute :tracking, Types::Number.new(-0.2..5), default: 0, spare: true # ems between letters
      attribute :sign_colour, Types::Maybe.new(Types::Colour.new), default: nil, spare: true # of a list's signs; nil: as their entries begin
      attribute :sign_size, Types::Number.new(0.25..4), default: 1, spare: true # of a list's signs, in ems
      attribute :sign_font, Types::Maybe.new(Types::Choice.new(*Usher::Text::Faces::NAMES)), default: nil, spare: true # of a list's signs; nil: as the text

      # What an editor starts from, as one value.
      def hints = redacted? ? super : super.merge("written" => JSON.generate(to_h.slice("text", "marks", "lists", *LOOKS, *own_looks)))

      # Scaled evenly the letters grow with the box; pulled to one side the lines break anew.
      def scaled(across, down)
        return super unless (across / down - 1).abs < 0.01
        super.merge("size" => (size * across).clamp(8, 400))
      end

      # With another colour or face its signs have that too.
      def remade(set) = super(%w[colour font].select { |name| set.key?(name) }.to_h { |name| [ "sign_#{name}", nil ] }.merge(set))

      def label = "#{super}: #{aloud[0, 80]}"

      def words = text

      def aloud = redacted? ? open_text : Usher::Text::Marks.said(text, marks)

      # The lines as they are broken: [Text::Layout::Line, ...].
      def lines = layout.lines

      # Page units by which each space of a line is broader so that its words reach both edges. Lines from the right have none.
      def spread(line)
        return 0 if align != "both" || line.rtl
        @spread ||= lines.to_h { |one| [ one.from, spread_of(one) ] } # asked for at every letter that may lie under a cover
        @spread[line.from]
      end

      private

      def spread_of(line)
        return 0 if line.rtl || text.match?(/\G *(\n|\z)/, line.to)
        spaces = text[line.from...line.to].count(" ")
        spaces.zero? ? 0 : [ (width - 2 * across - (line.indent + layout.width(line.from, line.to)) * size) / spaces, 0 ].max
      end

      def shown_number = text

      # Page units between the box and the text: [across, down].
      def padding_of(values) = values["padding"] || [ self.class.inset ] * 2
      def across = padding_of(@values)[0]
      def inset = padding_of(@values)[1]

      # Further attributes an editor needs.
      def own_looks = []

      def settle(values)
        length = super["text"].length
        values.merge("marks" => Usher::Text::Marks.within(values["marks"], length), "lists" => values["lists"].first(values["text"].count("\n") + 1))
      end

      def layout = @layout ||= laid_out(all)

      def laid_out(values)
        looks = Usher::Text::Marks.looks(values["marks"], values["text"].length)
        Usher::Text::Layout.new(values["text"], size: values["size"], width: line_room(values) - 2 * padding_of(values)[0], lists: values["lists"], leading: values["leading"], gap: values["gap"], hang: values["hang"], tab: values["tab"],
          scales: (looks.map { |look| look.fetch("scale", 1) } if values["marks"].any? { |mark| mark["scale"] }),
          advances: Usher::Text::Marks.advances(values["text"], looks, font: values["font"], bold: values["bold"], italic: values["italic"], tracking: values["tracking"]))
      end

      # Page units that its lines may have, with what is between the box and them.
      def line_room(values) = values["width"]

      # Page units from the top of the box to the first line.
      def top = inset

      # The lines as SVG.
      def write
        looks = Usher::Text::Marks.looks(marks, text.length)
        rows = layout.lines.each_with_index.map { |line, index| [ line, looks, top + layout.baseline(index) ] }
        lines = (redacted? ? [] : rows.map { |row| highlights(*row) }) + rows.map { |row| draw_line(*row) }
        Markup.tag("g", { "font-family": Usher::Text::Faces.family(font), "font-size": size, "font-weight": (bold ? 700 : 400),
          "font-style": ("italic" if italic), "letter-spacing": (tracking * size unless tracking.zero?), fill: colour, "xml:space": "preserve" }, lines.join)
      end

      # Each line is a text of its own, because browsers order right-to-left text by the whole element.
      def draw_line(line, looks, baseline)
        x, anchor = anchored(line)
        direction = ("rtl" if line.rtl)
        return draw_marker(line, looks, baseline) if line.from == line.to
        return draw_marker(line, looks, baseline) + draw_pieces(line, looks, baseline) if redacted? || text[line.from...line.to].include?("\t")
        risen, spaces, gap = 0, 0, spread(line)
        spans = (gap.zero? ? runs(line, looks) : words_of(line, looks)).map do |run|
          up, risen = rise(looks[run.first]) - risen, rise(looks[run.first])
          on, spaces = gap * spaces, text[run.first..run.last].count(" ")
          span(text[run.first..run.last], looks[run.first], up, on)
        end
        draw_marker(line, looks, baseline) + Markup.tag("text", { x: x, y: baseline, "text-anchor": anchor, direction: direction }, spans.join)
      end

      # The characters of a line that look alike: [[index, ...], ...].
      def runs(line, looks) = (line.from...line.to).chunk_while { |a, b| looks[a] == looks[b] }.to_a

      # The same, each up to the next word.
      def words_of(line, looks) = runs(line, looks).flat_map { |run| run.slice_when { |a, b| text[a] == " " && text[b] != " " }.to_a }

      # What lies behind the words of a line.
      def highlights(line, looks, baseline)
        runs(line, looks).filter_map do |run|
          look = looks[run.first]
          next if look.fetch("highlight", "none") == "none"
          x, wide, high = place_in_line(line, run.first), layout.width(run.first, run.last + 1) * size + spread(line) * text[run.first..run.last].count(" "), size * look.fetch("scale", 1)
          Markup.tag("rect", x: line.rtl ? x - wide : x, y: baseline - ABOVE * high, width: wide, height: (ABOVE + BELOW) * high, fill: look["highlight"])
        end.join
      end

      # It looks as the first letter of its entry does.
      def draw_marker(line, looks, baseline)
        return "" unless line.marker
        look = looks[line.from] || {}
        close = line.indent != Usher::Text::Layout::HANG # as far as somebody has said, the sign stands at the edge
        off = across + (close ? 0 : (line.indent - 0.45) * size)
        Markup.tag("text", { x: line.rtl ? width - off : off, y: baseline, "text-anchor": line.rtl ^ close ? "start" : "end", fill: sign_colour || look["colour"], "font-size": (sign_size * size unless sign_size == 1),
          "font-family": (Usher::Text::Faces.family(sign_font) if sign_font), **thick(look) }, Markup.escape(line.marker))
      end

      # Page units by which letters of a look stand above the line.
      def rise(look) = Usher::Text::Marks.rise(look) * size

      # up: page units above what was written before it; on: further to the right.
      def span(part, look, up = 0, on = 0)
        return Markup.escape(part) if look.empty? && up.zero? && on.zero?
        scale = Usher::Text::Marks.scale(look)
        decoration = [ ("underline" if look["link"] || look["underline"]), ("line-through" if look["strike"]) ].compact.join(" ")
        looks = { fill: look["colour"] || (Colour::TIDE if look["link"]), "font-family": (Usher::Text::Faces.family(look["font"]) if look["font"]), "font-size": (scale * size unless scale == 1), dx: (on unless on.zero?), dy: (-up unless up.zero?), **thick(look),
          "text-decoration": (decoration unless decoration.empty?) }
        written = Markup.tag("tspan", looks, Markup.escape(part))
        look["link"] ? Markup.tag("a", { href: look["link"], target: "_blank", rel: "noopener noreferrer" }, written) : written
      end

      def thick(look) = { "font-weight": { true => 700, false => 400 }[look["bold"]], "font-style": { true => "italic", false => "normal" }[look["italic"]] }

      # Where a line starts and how it is anchored: [page units from the left, "start" | "middle" | "end"].
      def anchored(line)
        indent = line.indent * size
        left, right = across + (line.rtl ? 0 : indent), width - across - (line.rtl ? indent : 0)
        return [ (left + right) / 2.0, "middle" ] if align == "middle"
        (align != "right") ^ line.rtl ? [ left, line.rtl ? "end" : "start" ] : [ right, line.rtl ? "start" : "end" ]
      end

      # Where a character of a line begins, from the left of the box: its left side, or its right one where the line reads
      # from the right.
      def place_in_line(line, index)
        x, anchor = anchored(line)
        whole, before = [ line.to, index ].map { |to| layout.width(line.from, to) * size + spread(line) * text[line.from...to].count(" ") }
        begins = { "start" => 0, "middle" => whole / 2, "end" => whole }.fetch(anchor)
        line.rtl ? x + begins - before : x - begins + before
      end
    end
  end
end
