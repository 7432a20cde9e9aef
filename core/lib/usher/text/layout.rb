module Usher
  module Text
    # Text broken into lines that fit a width. Greedy, at spaces, behind a hyphen or a dash between letters and between ideographs
    # (as in Unicode Standard Annex 14); a word longer than the width is broken between letters. Lines are known by character offsets, so that a
    # browser can show the same lines while somebody types.
    class Layout
      LEADING = 1.3 # ems from one baseline to the next
      ASCENT = 0.98 # ems from the top of a line to its baseline
      SIGNS = {
        "bullets" => "•", "dashes" => "–", "squares" => "▪", "rings" => "○", "arrows" => "→", "ticks" => "✓", "heads" => "➢", "wedges" => "▸", "diamonds" => "❖",
        "lozenges" => "♦", "discs" => "●", "blocks" => "■", "boxes" => "□", "angles" => "»"
      }.freeze # of lists
      # What says the number of an entry; see also ListKind.
      COUNTED = {
        "numbers" => ->(number) { "#{number}." }, "letters" => ->(number) { "#{letters(number)})" }, "capitals" => ->(number) { "#{letters(number).upcase}." },
        "romans" => ->(number) { "#{roman(number)}." }, "large_romans" => ->(number) { "#{roman(number).upcase}." }
      }.freeze
      ROMANS = { 1_000 => "m", 900 => "cm", 500 => "d", 400 => "cd", 100 => "c", 90 => "xc", 50 => "l", 40 => "xl", 10 => "x", 9 => "ix", 5 => "v", 4 => "iv", 1 => "i" }.freeze
      # under: a line of its own in the entry or the paragraph above; hanging: no sign, but all lines behind the first stand further in.
      LISTS = [ "none", *SIGNS.keys, *COUNTED.keys, "under", "hanging" ].freeze
      HANG = 1.5 # ems before the text of a list
      TAB = 2 # ems from one tab stop to the next
      NEAREST = 0.25 # ems to a stop, or it is the next one
      RIGHT_TO_LEFT = /[\u200F\u0590-\u08FF\uFB1D-\uFDFF\uFE70-\uFEFC]/
      READING = { true => "\u200F", false => "\u200E" }.freeze # signs that nobody sees: what begins with them reads from the right, or not
      STRONG = /[[:alpha:]\u200E\u200F]/ # the first of a paragraph says how it reads (Unicode Standard Annex 9)
      HYPHEN = /[-\u2010\u2013]/
      IDEOGRAPH = /[\p{Han}\p{Hiragana}\p{Katakana}ー][、。，．！？：；）」』】》〉”’…]*+/ # with what closes behind it
      PIECE = /\S*?(?:[[:alpha:]]#{HYPHEN}(?=[[:alpha:]])|#{IDEOGRAPH}(?=\S))|\S+/ # of a line, that stays whole where there is room
      BREAKS = /(?:#{HYPHEN}|#{IDEOGRAPH})\z/ # that a line may end with

      # from...to: the characters of the line, spaces at a break left out. marker: what stands before
      # the first line of a list entry. indent: ems. rtl: whether its paragraph reads from the right. top: ems below the
      # first line's; scale: that of its largest letters, at least 1.
      Line = Struct.new(:from, :to, :marker, :indent, :rtl, :top, :scale, keyword_init: true)

      attr_reader :lines

      # Ems from the top of a line to its baseline. What it has more or less than the usual leading is shared above and below the
      # letters.
      def self.baseline(leading) = ASCENT + (leading - LEADING) / 2

      # What stands before entry `number` of a list, or nil.
      def self.sign(list, number) = SIGNS[list] || COUNTED[kind(list)]&.call(number)

      # One of LISTS, without the number with which it begins.
      def self.kind(list) = list[/\A\w+/]

      # The number with which a list of this kind begins.
      def self.first(list) = [ list[/:(\d+)\z/, 1].to_i, 1 ].max

      # The number of each paragraph in its list.
      def self.numbers(lists)
        entry, number = "none", 0
        lists.map do |list|
          entry, number = list, entry == list ? number + 1 : first(list) unless list == "under"
          number
        end
      end

      # a to z, then aa, ab and so on.
      def self.letters(number) = number > 26 ? letters((number - 1) / 26) + letters((number - 1) % 26 + 1) : (96 + number).chr

      def self.roman(number)
        ROMANS.map do |value, letters|
          count, number = number.divmod(value)
          letters * count
        end.join
      end

      # text; advances: the width in ems of each character; size: page units per em; width: page units
      # available; lists: for each paragraph one of LISTS, missing ones are "none"; scales: how large each character is, in
      # ems, nil where all are 1; leading: ems between baselines; gap: ems between paragraphs; hang: ems that a list's
      # words stand behind its signs; tab: ems from one tab stop to the next.
      def initialize(text, advances:, size:, width:, lists: [], scales: nil, leading: LEADING, gap: 0, hang: HANG, tab: TAB)
        @text, @advances, @size, @scales, @leading, @gap, @hang, @tab = text, advances, size, scales, leading, gap, hang, tab
        @room = [ width / size.to_f, 0.1 ].max
        @lines = []
        @down = 0.0
        paragraphs(lists)
      end

      # Page units from the top of the first line to the bottom of the last.
      def height = @down * @size

      # Where line `index` stands, in page units below the top.
      def baseline(index) = lines[index].then { |line| (line.top + line.scale * self.class.baseline(@leading)) * @size }

      # The widest line, in page units.
      def widest = lines.map { |line| line.indent + width(line.from, line.to) }.max * @size

      # Ems from the beginning of a character to the beginning of another.
      def width(from, to) = sums[to] - sums[from]

      private

      def paragraphs(lists)
        start, entry = 0, "none"
        all = @text.split("\n", -1).then { |found| found.empty? ? [ "" ] : found }
        lists = Array.new(all.size) { |index| lists[index] || "none" }
        all.zip(lists, self.class.numbers(lists)).each_with_index do |(paragraph, list, number), index|
          entry = list unless list == "under"
          @down += @gap unless index.zero? || list == "under"
          first = entry == "none" || list == "hanging" ? 0 : @hang
          wrap(paragraph, start, [ first, entry == "none" ? 0 : @hang ], self.class.sign(list, number))
          start += paragraph.length + 1
        end
      end

      # indents: of its first line and of the others, in ems.
      def wrap(paragraph, start, indents, marker)
        rooms = indents.map { |indent| [ @room - indent, 0.1 ].max }
        rtl = paragraph[STRONG]&.match?(RIGHT_TO_LEFT) || false
        spans(paragraph, start, *rooms).each_with_index do |(from, to), index|
          scale = [ 1, *@scales&.slice(from...to) ].max
          @lines << Line.new(from: from, to: to, marker: (marker if index.zero?), indent: indents[index.zero? ? 0 : 1], rtl: rtl, top: @down, scale: scale)
          @down += scale * @leading
        end
      end

      # [[from, to], ...] of the lines of one paragraph. first, others: ems that its first line has, and the others.
      def spans(paragraph, start, first, others)
        found, from, fits = [], start, start # fits: up to where the line is full of whole words
        room = -> { found.empty? ? first : others }
        word_to = start # counted on, because where a match begins is counted from the beginning each time
        paragraph.scan(/(\s*)(#{PIECE})/o) do |gap, piece|
          word_from = word_to + gap.length
          word_to = word_from + piece.length
          if fits > from && width(from, word_to) > room.call
            found << [ from, fits ]
            from = word_from
          end
          from = split(from, word_to, room, found) if width(from, word_to) > room.call
          fits = word_to
        end
        found << [ from, [ fits, from ].max ]
      end

      # Takes full lines off a word that is wider than the room; answers where the rest begins. Never
      # between a letter and the mark that sits on it.
      def split(from, to, room, found)
        while to - from > 1 && width(from, to) > room.call
          at = from + 1
          at += 1 while at < to - 1 && (width(from, at + 1) <= room.call || @text[at].match?(/\p{M}/))
          found << [ from, at ]
          from = at
        end
        from
      end

      # Widths from the beginning up to each character.
      def sums
        @sums ||= (@text.include?("\t") ? stopped : @advances).each_with_object([ 0.0 ]) { |advance, all| all << all.last + advance }
      end

      # The advances where a tab goes to the next stop, counted from where its paragraph begins.
      def stopped
        at = 0.0
        @text.each_char.zip(@advances).map do |char, advance|
          advance = (at + NEAREST).div(@tab).succ * @tab - at if char == "\t"
          at = char == "\n" ? 0.0 : at + advance
          advance
        end
      end
    end
  end
end
