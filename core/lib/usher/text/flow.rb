module Usher
  module Text
    # A text that is longer than a page holds, parted where lines break, so that nothing of it is lost.
    class Flow
      MAX = 200_000 # characters
      MARKS = Types::List.new(Marks::MARK, 0..20_000)
      LISTS = Types::List.new(ListKind.new, 0..20_000)

      # values: "text", and if there are any "marks", "lists", "font" and "size" as Items::Written has them; width: page
      # units of a line; heights: page units for the first part and for each that follows. Raises Invalid.
      def initialize(values, width:, heights:)
        @text = Invalid.about("The text") { Types::Line.new(MAX).call(values["text"]) }
        @marks = Invalid.about("The marks") { MARKS.call(values["marks"] || []) }
        @lists = Invalid.about("The lists") { LISTS.call(values["lists"] || []) }
        @font = Invalid.about("The font") { Types::Choice.new(*Faces::NAMES).call(values["font"] || "read") }
        @size = Invalid.about("The size") { Types::Number.new(8..400).call(values["size"] || 36) }
        @width, @heights = width, heights
      end

      # [{ "text", "marks", "lists" }, ...], each as high as it may be, at least one line.
      def parts
        rows = @heights.map { |height| [ (height / (@size * Layout::LEADING)).floor, 1 ].max }
        rest, found = lines, []
        found << rest.shift(found.empty? ? rows[0] : rows[1]) until rest.empty?
        found.map { |some| part(some.first.from, some.last.to) }.reject { |one| one["text"].strip.empty? }
      end

      private

      def lines
        Layout.new(@text, size: @size, width: @width, lists: @lists, advances: advances).lines
      end

      def advances
        Marks.advances(@text, Marks.looks(@marks, @text.length), font: @font)
      end

      # The lists from a paragraph on, or from amid it: an entry that goes on has no second sign, and those behind it have the numbers
      # they would have had (see ListKind).
      def lists_from(from, amid:)
        lists = @lists.drop(from)
        lists[0] = "none" if amid && lists.any?
        first = lists.index { |list| !%w[none under].include?(list) } or return lists
        list, number = lists[first], Layout.numbers(@lists)[from + first]
        kind = Layout.kind(list)
        return lists unless Layout::COUNTED.key?(kind) && number > Layout.first(list)
        before, rest = lists.first(first), lists.drop(first)
        same = rest.take_while { |one| [ list, "under" ].include?(one) }
        before + same.map { |one| one == list ? "#{kind}:#{number}" : one } + rest.drop(same.size)
      end

      # The characters from one to another, with what they look like.
      def part(from, to)
        marks = @marks.filter_map { |mark| mark.merge("from" => [ mark["from"] - from, 0 ].max, "to" => mark["to"] - from) if mark["to"] > from && mark["from"] < to }
        before = @text[0...from]
        lists = lists_from(before.count("\n"), amid: !before.empty? && !before.end_with?("\n"))
        text = @text[from...to].rstrip
        { "text" => text, "marks" => Marks.within(marks, text.length).first(Marks::MOST), "lists" => lists.first(text.count("\n") + 1) }
      end
    end
  end
end
