module Usher
  module Text
    # Parts of a text that look different: each from one character to another (not included), bold, italic, underlined,
    # struck through, coloured, highlighted, in another face, larger or smaller (a scale of the text's own size), above or
    # below the line, or leading somewhere.
    # Later marks lie over earlier ones.
    module Marks
      MOST = 400
      # Superscript and subscript: how large the letters are of what they would be, and how far their baseline lies above the
      # line's, in ems of that.
      SHIFTS = { "super" => [ 0.62, 0.36 ], "sub" => [ 0.62, -0.14 ] }.freeze
      ABOVE = [ "0-9+n-", "⁰¹²³⁴⁵⁶⁷⁸⁹⁺ⁿ⁻" ].freeze # signs of their own, which a voice knows
      OFFSET = Types::Number.new(0..100_000, digits: 0)
      LOOKS = { bold: Types::Flag.new, italic: Types::Flag.new, underline: Types::Flag.new, strike: Types::Flag.new, colour: Types::Colour.new, highlight: Types::Colour.new(none: true),
                scale: Types::Number.new(0.1..10), shift: Types::Choice.new("none", *SHIFTS.keys), font: Types::Choice.new(*Faces::NAMES), link: Types::Address.new }.freeze
      MARK = Types::Record.new(from: OFFSET, to: OFFSET, **LOOKS, optional: LOOKS.keys.map(&:to_s))
      TYPE = Types::List.new(MARK, 0..MOST)

      module_function

      # Those that mark anything in a text of this length, cut to it.
      def within(marks, length)
        marks.filter_map { |mark| mark.merge("to" => [ mark["to"], length ].min) if mark["from"] < [ mark["to"], length ].min && mark.size > 2 }
      end

      # The looks of each character: [{ "bold" => true, ... }, ...], one and the same empty set where
      # there is no mark.
      def looks(marks, length)
        plain = {}.freeze
        looks = Array.new(length, plain)
        marks.each { |mark| look = mark.except("from", "to"); (mark["from"]...mark["to"]).each { |index| looks[index] = looks[index].merge(look) } }
        looks
      end

      # How large letters of this look are, in ems of the text's size, and how far they stand above the line.
      def scale(look) = look.fetch("scale", 1) * SHIFTS.dig(look["shift"], 0).then { |share| share || 1 }
      def rise(look) = look.fetch("scale", 1) * SHIFTS.dig(look["shift"], 1).to_f

      # The text as it is read aloud: m², not m2.
      def said(text, marks)
        return text if marks.none? { |mark| mark["shift"] == "super" }
        looks = looks(marks, text.length)
        text.each_char.with_index.map { |char, index| looks[index]["shift"] == "super" ? char.tr(*ABOVE) : char }.join
      end

      # The width of each character in ems of the text's size. looks: as above; bold, italic: of what has no mark;
      # tracking: ems more after each.
      def advances(text, looks, font:, bold: false, italic: false, tracking: 0)
        text.each_char.with_index.map do |char, index|
          look = looks[index]
          Faces.fetch(look.fetch("font", font), bold: look.fetch("bold", bold), italic: look.fetch("italic", italic)).advance(char) * scale(look) + tracking
        end
      end
    end
  end
end
