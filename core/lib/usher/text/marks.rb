module Usher
  module Text
    # Parts of a text that look different: each from one character to another (not included), bold,
    # italic, coloured, or leading somewhere. Later marks lie over earlier ones.
    module Marks
      MOST = 400
      OFFSET = Types::Number.new(0..100_000, digits: 0)
      MARK = Types::Record.new(from: OFFSET, to: OFFSET, bold: Types::Flag.new, italic: Types::Flag.new, colour: Types::Colour.new, link: Types::Address.new,
        optional: %w[bold italic colour link])
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
    end
  end
end
