module Usher
  module Formats
    module Slides
      # What is written in a shape, laid into its box as text items: one for each stretch of paragraphs of
      # the same size and alignment, one under the other. Where the faces of Usher need more room than those
      # it was written in, all of it becomes a little smaller.
      class Words
        # size: points; face: one of Fonts, nil for the usual; colour: "#rrggbb"; highlight: the same or nil; link: a web
        # address, a Jump or nil; tracking: points more between letters; shift: above the line ("super"), below it ("sub") or nil.
        Run = Struct.new(:text, :size, :face, :bold, :italic, :underline, :strike, :colour, :highlight, :tracking, :link, :shift, keyword_init: true) do
          def face = self[:face] || Fonts.of(nil)
          def font = face.font
          def look = [ bold, italic, colour ]
          def tabbed? = text.include?("\t")
        end
        # align: one of Items::Written::ALIGNS, as it is seen; rtl: whether it is meant to read from the right; list: one of Text::Layout::LISTS; indent: points before its sign, or its
        # first line; hang: points that its words stand behind the sign, nil for the usual; leading: from one line to
        # the next, in lines that have all room they need; before, after: points between it and its neighbours.
        # sign_colour: of its sign, "#rrggbb", nil for that of its words; sign_size: of its sign, in ems of its words; sign_font: of its
        # sign, one of Text::Faces, nil for that of its words; number: that it has in a list that counts; tab: points from one tab
        # stop to the next, counted from where its words begin, nil for the usual.
        Paragraph = Struct.new(:runs, :align, :rtl, :list, :number, :sign_colour, :sign_size, :sign_font, :tab, :indent, :hang, :leading, :before, :after, keyword_init: true) do
          def text = runs.map(&:text).join

          # The run that most of its letters look like; asked for many times while lines are tried.
          def main
            @main = nil unless runs.equal?(@known)
            @known = runs
            @main ||= runs.group_by { |run| [ run.size, run.face, run.tracking ] }.max_by { |_, same| same.sum { |run| run.text.length } + 0.1 }.last.first
          end

          def from_right? = text.strip.empty? ? rtl : Words.from_right?(text)

          # The side at which its lines begin is "left" to a text that reads from the right too.
          def side = from_right? ? { "left" => "right", "right" => "left" }.fetch(align, align) : align

          # The first that is in it.
          def jump = runs.map(&:link).grep(Jump).first

          def size = main.size
          def tallest = runs.select { |run| run.size == size }.map(&:face).max_by(&:line)
          def leading = (self[:leading] || 1).clamp(0.5, 4)
          def sign_size = (self[:sign_size] || 1).clamp(0.25, 4)
          def sign_font = (self[:sign_font] unless self[:sign_font] == main.font)
          def stance = [ align, indent.round, hang&.round, leading.round(1) ]
          def kind = [ size.round(1), main.face, align, from_right?, indent.round, hang&.round, leading.round(2), main.tracking.to_f.round(1), sign_colour, sign_size, sign_font, tab&.round, jump ] # tab: of those alone that have one in them
        end

        SMALLER = (30..50).map { |share| share / 50.0 }.reverse.freeze # tried in turn
        # By which lines are measured too wide, because Text::Face knows no pairs of letters: medians of the lines of some decks.
        KERNED = { "plain" => 1.001, "book" => 1.001, "slim" => 1.006, "print" => 1.005, "fine" => 1.01, "broad" => 1.004, "code" => 1 }.freeze
        USUALLY = 1.003 # in other faces
        OVER = 5 # ems that words may stand out of their box, as slides let them
        LEAST = 8 # page units
        LEAST_ROOM = 20 # page units that a line has at least
        UNBOUND = 8_000 # page units that lines have which do not break
        FARTHEST = 5 # ems from a sign to its words
        LEAST_HANG = 0.5 # ems, of lines without a sign
        APART = 0.05 # ems at least between them
        ALIKE = 0.02 # by which sizes may differ and be one
        MOST_COLUMNS = 9
        LONGEST = 9_000 # characters of one item, from which on each paragraph is one

        # These runs so that each of their lines reads from the right (rtl) or not, whatever letters it begins with. What looks
        # different in one line stays as its letters are: not everything that draws SVG orders such parts together.
        def self.reading(runs, rtl)
          runs.slice_after { |run| run.text.end_with?("\n") }.flat_map do |line|
            text = line.map(&:text).join
            next line if text.strip.empty? || from_right?(text) == rtl || line.map { |run| run.to_h.except(:text) }.uniq.size > 1
            [ line.first.dup.tap { |run| run.text = Text::Layout::READING.fetch(rtl) + run.text }, *line.drop(1) ]
          end
        end

        def self.from_right?(text) = text[Text::Layout::STRONG]&.match?(Text::Layout::RIGHT_TO_LEFT) || false

        # above: how far letters stand above the line, below 0 under it.
        def self.shift(above) = (above.positive? ? "super" : "sub" unless above.zero?)

        # insets: points between the box and the text, [left, top, right, bottom]; anchor: "top", "middle" or
        # "bottom"; fits: whether the slide itself makes them smaller where they need more room than there is; wraps: whether lines
        # break at the box's side; turn: degrees clockwise, a multiple of 90, by which all of it is turned in the box; columns: how
        # many, and gutter: points between them.
        def initialize(paragraphs, insets: [ 7.2, 3.6, 7.2, 3.6 ], anchor: "top", fits: false, wraps: true, turn: 0, columns: 1, gutter: 0)
          @insets, @anchor, @over, @wraps, @turn, @columns, @gutter = insets, anchor, fits ? 0 : OVER, wraps, turn, columns.clamp(1, MOST_COLUMNS), gutter
          @paragraphs, @first = spaced(paragraphs), paragraphs.first
          bare
        end

        # The part of the box that they have, [left, top, right, bottom] in shares of it.
        attr_writer :area

        def empty? = @paragraphs.all? { |one| one.text.strip.empty? }

        def align = @paragraphs.first&.align || "left"

        def plain = @paragraphs.map(&:text).join("\n").strip

        # The first run with anything in it.
        def run = @paragraphs.flat_map(&:runs).find { |run| !run.text.strip.empty? }

        # Values of text items in a box (Geometry::Box in page units, turned or not), with the Jump of one as its link; scale: page units of a
        # point; anchor: where they stand in it, if not as they say themselves; whole: whether none becomes smaller.
        def items(box, scale, anchor: @anchor, whole: false)
          return [] if empty?
          box = upright(box)
          left, top, right, bottom = insets(box, scale)
          wide, high = [ box.width - left - right, LEAST_ROOM ].max, [ box.height - top - bottom, 0 ].max
          return beside(box, [ left, top ], wide, high, scale) if @columns > 1
          texts = whole ? stacked(wide, scale) : fitting(wide, high, scale)
          above, below = empty(@head) * scale, tail(scale)
          rest = high - texts.last.then { |text, down| down + text.height } - above - below
          down = top + { "top" => 0, "middle" => rest / 2 + above, "bottom" => rest + above }.fetch(anchor)
          texts.zip(blocks).reject { |(text, _), _| text.text.strip.empty? }.map { |(text, at, rise), block| placed(text, box, left, down + at - rise).merge("link" => block.first.jump) }
        end

        # The text that its first paragraphs become, as an Items::Text, in so much room in page units; nil where there are none.
        def first(wide, scale) = stacked(wide, scale).first&.first

        # What is between a box so wide and the text, [across, down] in page units; scale: page units of a point.
        def padding(scale, width)
          across, down = [ @insets.values_at(0, 2).min, @insets.values_at(1, 3).min ].map { |inset| (inset * scale).clamp(0, 100) }
          [ (across - (@paragraphs.any? ? kerned(@paragraphs, width - 2 * across) / 2 : 0)).clamp(0, 100), down ].map { |inset| inset.round(2) }
        end

        # Page units that empty lines at its end are high. scale: page units of a point.
        def tail(scale) = @paragraphs.empty? ? 0 : (empty(@tail) + @breaks * empty(@paragraphs.last(1))) * scale

        # Whether one text cannot be all of it, because its paragraphs stand differently.
        def mixed? = @paragraphs.reject { |one| one.text.strip.empty? }.map(&:stance).transpose.any? { |all| all.compact.uniq.size > 1 }

        def turned? = !@turn.zero?

        # Page units that their longest word needs along a line, with what is before and behind it.
        def length(scale)
          words = @paragraphs.flat_map(&:runs).flat_map { |run| run.text.split.map { |word| Text::Faces.fetch(run.font, bold: run.bold || false).width(word) * run.size } }
          ((words.max || 0) + @insets.values_at(0, 2).sum) * scale
        end

        # Page units that they are high in a box so wide, with what is above and below them. scale: page units of a point.
        def height(width, scale)
          left, top, right, bottom = @insets.map { |inset| inset * scale }
          stacked([ width - left - right, LEAST_ROOM ].max, scale).last.then { |text, down| down + text.height } + top + bottom + empty(@head) * scale + tail(scale)
        end

        # All of it as one text: the values of an item that is written, but for its box. Where nothing is written, the first
        # paragraph says how high it is. scale: page units of a point.
        def together(scale)
          block = @paragraphs.any? ? @paragraphs : [ @first || Paragraph.new(runs: [ Run.new(text: "", size: 18, colour: Colour::INK) ], align: "left", list: "none", indent: 0) ]
          written(block, scale)
        end

        private

        # Without empty lines at its ends, which take no room from the others: they only move them. At the top they stay, where
        # words begin there.
        def bare
          blank = ->(one) { one.text.strip.empty? }
          head = @anchor == "top" || empty? ? 0 : @paragraphs.index { |one| !blank.(one) }
          tail = @paragraphs.reverse.take_while(&blank).size
          @head, @tail = @paragraphs.first(head), @paragraphs.last(tail)
          @paragraphs, @breaks = @paragraphs[head...@paragraphs.size - tail] || [], 0
          last = @paragraphs.last or return
          ended = last.runs.reverse.take_while { |run| run.text.strip.empty? }
          @breaks, last.runs = ended.sum { |run| run.text.count("\n") }, last.runs.first(last.runs.size - ended.size)
        end

        # Points that paragraphs are high of which each is a line.
        def empty(paragraphs) = paragraphs.sum { |one| one.before + one.size * one.tallest.line * one.leading }

        # The items of columns, of which the first begins at a place in the box and all of them have so much room.
        def beside(box, (left, top), wide, high, scale)
          gutter = @gutter * scale
          own = [ (wide - gutter * (@columns - 1)) / @columns, LEAST_ROOM ].max
          Columns.new(@paragraphs, @columns, own, high, scale).lists.each_with_index.flat_map do |list, number|
            x, y = box.to_page(left + number * (own + gutter) + own / 2, top + high / 2)
            Words.new(list, insets: [ 0, 0, 0, 0 ]).items(Geometry::Box.new(x - own / 2, y - high / 2, own, high, box.angle), scale)
          end
        end

        # The box as the words have it, which may be turned in it.
        def upright(box)
          return box if @turn.zero?
          wide, high = @turn % 180 == 90 ? [ box.height, box.width ] : [ box.width, box.height ]
          Geometry::Box.new(box.x + (box.width - wide) / 2, box.y + (box.height - high) / 2, wide, high, box.angle + @turn)
        end

        # Page units between the box and them, [left, top, right, bottom].
        def insets(box, scale)
          beside = @area ? [ @area[0] * box.width, @area[1] * box.height, (1 - @area[2]) * box.width, (1 - @area[3]) * box.height ] : [ 0, 0, 0, 0 ]
          @insets.zip(beside).map { |inset, more| inset * scale + more }
        end

        # With all of what is between a paragraph and the one above it said by itself.
        def spaced(paragraphs)
          [ nil, *paragraphs ].each_cons(2).map { |above, one| one.dup.tap { |own| own.before, own.after = above ? (above.after.to_f + one.before.to_f).round(1) : 0, 0 } }
        end

        # Built, still at the box's own origin, each with how far down it stands, and how much higher its letters do: [[Items::Text,
        # page units, page units], ...].
        def stacked(wide, scale, factor = 1)
          down = 0
          blocks.each_with_index.map do |block, index|
            down += block.first.before * scale * factor unless index.zero?
            text = Items.build({ "kind" => "text", "id" => "t", "y" => 0, **across(block, wide, scale), **written(block, scale * factor), **(@wraps ? {} : { "room" => UNBOUND }) })
            [ text, down, rise(block) * text.size ].tap { down += text.height }
          end
        end

        # The same, as much smaller as they have to be to find room.
        def fitting(wide, high, scale)
          found = nil
          SMALLER.each do |factor|
            found = stacked(wide, scale, factor)
            last, down = found.last
            break if down + last.height <= high + last.size * @over && found.none? { |text, _| broken?(text) }
          end
          found
        end

        # Whether a word had to be cut.
        def broken?(text) = text.lines.each_cons(2).any? { |line, following| line.to == following.from && line.to > line.from && !text.text[line.from...line.to].match?(Text::Layout::BREAKS) }

        # Neighbours that can be one text.
        def blocks
          @blocks ||= @paragraphs.each_with_object([]) do |one, all|
            last = all.last
            alike = last && last[0].kind == one.kind && (last[1] || one).before == one.before
            alike && last.sum { |other| other.text.length + 1 } + one.text.length < LONGEST ? last << one : all << [ one ]
          end
        end

        def across(block, wide, scale)
          indent = [ block.first.indent * scale, wide * 0.6 ].min
          more = kerned(block, wide - indent)
          { "x" => (block.first.from_right? ? 0 : indent) - more * { "middle" => 0.5, "right" => 1 }.fetch(block.first.align, 0), "width" => wide - indent + more }
        end

        # How much broader a line is for letters that are measured too wide.
        def kerned(block, room) = room * (KERNED.fetch(block.first.main.font, USUALLY) - 1)

        def written(block, scale)
          runs = block.flat_map.with_index { |one, index| index.zero? ? one.runs : [ Run.new(text: "\n"), *one.runs ] }
          look = runs.select(&:size).group_by(&:look).max_by { |_, same| same.sum { |run| run.text.length } }.first
          main = block.first.main
          size = (main.size * scale).clamp(LEAST, 400).round(1)
          { "text" => runs.map(&:text).join, "size" => size, "font" => main.font, "align" => block.first.side, "bold" => look[0] || false, "italic" => look[1] || false, "colour" => look[2], "marks" => marks(runs, look, main),
            "lists" => lists(block), "leading" => leading(block), "gap" => (block[1] ? block[1].before * scale / size : 0).clamp(0, 10).round(2),
            "hang" => hang(block, main.size), "tab" => tab(block, main.size), "sign_colour" => block.first.sign_colour, "sign_size" => block.first.sign_size.round(3), "sign_font" => block.first.sign_font, "tracking" => (main.tracking.to_f * scale / size).clamp(-0.2, 5).round(3) }
        end

        # Ems from one line to the next, where nothing is said: of some that are higher than others, what they are together.
        def line(block) = block.sum { |one| one.tallest.line } / block.size

        def leading(block) = (block.first.leading * line(block)).clamp(0.5, 5).round(2)

        # Ems by which letters stand higher than a text of ours sets them: what a line has more than usual is above them, and of one
        # that has less four fifths are.
        def rise(block)
          leading, usual = leading(block), line(block)
          Text::Layout.baseline(leading) - (leading < usual - 0.005 ? leading * 0.8 : block.first.tallest.ascent + leading - usual)
        end

        def hang(block, size)
          first = block.find { |one| one.hang && Text::Layout.sign(one.list, 1) }
          bare = block.find { |one| one.hang && one.list == "hanging" }
          return bare ? (bare.hang / size).clamp(LEAST_HANG, FARTHEST).round(2) : Text::Layout::HANG unless first
          face = Text::Faces.fetch(first.sign_font || first.main.font, bold: first.main.bold || false)
          widest = block.map { |one| face.width(Text::Layout.sign(first.list, one.number || 1)) * first.sign_size }.max
          (first.hang / size).clamp(widest + APART, FARTHEST).round(2)
        end

        def tab(block, size) = block.filter_map(&:tab).first&.then { |tab| (tab / size).clamp(0.25, 100).round(2) } || Text::Layout::TAB

        # What looks different from the rest.
        def marks(runs, look, main)
          at = 0
          runs.filter_map do |run|
            from, at = at, at + run.text.length
            next unless run.size
            other = { "bold" => run.bold, "italic" => run.italic, "colour" => run.colour }.reject { |name, value| value == look[%w[bold italic colour].index(name)] }
            other.merge!({ "underline" => run.underline || nil, "strike" => run.strike || nil, "highlight" => run.highlight, "shift" => run.shift, "link" => (run.link unless run.link.is_a?(Jump)), "font" => (run.font unless run.font == main.font), "scale" => share(run.size, main.size) }.compact)
            { "from" => from, "to" => at, **other } if other.any? && at > from
          end.first(Text::Marks::MOST)
        end

        def share(one, size) = (one / size).then { |found| found.clamp(0.1, 10).round(3) if (found - 1).abs > ALIKE }

        # A break inside a paragraph begins a line without a sign, and no paragraph.
        def lists(block)
          kind = number = nil
          all = block.flat_map do |one|
            kind, number = one.text.strip.empty? ? [ "none", nil ] : [ counted(one, kind, number), one.number ]
            [ kind ] + [ "under" ] * one.text.count("\n")
          end
          all.uniq == [ "none" ] ? [] : all
        end

        # The kind of its list (see Text::ListKind), so that it has its own number under one of that kind and number.
        def counted(one, above, number)
          return one.list unless one.number && Text::Layout::COUNTED.key?(one.list)
          return above if number && one.number == number + 1 && Text::Layout.kind(above) == one.list
          one.number == 1 && above != one.list ? one.list : "#{one.list}:#{one.number}"
        end

        # A text with its own top left this far inside the box.
        def placed(text, box, left, down)
          x, y = box.to_page(left + text.x + text.width / 2.0, down + text.height / 2.0)
          text.to_h.except("id").merge("x" => x - text.width / 2.0, "y" => y - text.height / 2.0, "angle" => box.angle)
        end
      end
    end
  end
end
