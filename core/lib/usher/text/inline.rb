module Usher
  module Text
    # Words with a few looks, as they are typed in one line: *bold*, _italic_, and between backticks a formula in
    # AsciiMath. A sign counts where it opens before a word and closes behind one ("2*3*4" has none); after a backslash
    # it is a letter.
    class Inline
      # text: as it is read; a formula's is its source.
      Run = Struct.new(:text, :bold, :italic, :formula, keyword_init: true)

      INNER = /(?:\\.|`[^`]*`|[^\\`])+?/
      LOOKS = {
        formula: /\G`([^`]+)`/,
        bold: /\G(?<![[:alnum:]])\*(?=[^\s*])(#{INNER})(?<=[^\s])\*(?![[:alnum:]])/,
        italic: /\G(?<![[:alnum:]])_(?=[^\s_])(#{INNER})(?<=[^\s])_(?![[:alnum:]_])/
      }.freeze
      LETTER = /\G\\([*_`\\])/
      SIGN = /[*_`\\]/

      # A text in which no sign means anything, written so that it stays like that.
      def self.literal(text) = new(text).plain == text ? text : text.gsub(SIGN) { |sign| "\\#{sign}" }

      def initialize(written)
        @written = written
      end

      # [Run, ...], none of them empty.
      def runs = @runs ||= SIGN.match?(@written) ? merged(read(@written)) : [ Run.new(text: @written) ].reject { |run| run.text.empty? }

      # What is read when no look is seen.
      def plain = runs.sum("", &:text)

      def formulas = runs.select(&:formula).map(&:text)

      # The looks as marks of a text (see Marks); formulas are as they were written.
      def marks
        runs.inject([ [], 0 ]) do |(marks, from), run|
          look = { "bold" => run.bold, "italic" => run.italic }.compact
          [ look.empty? ? marks : marks + [ { "from" => from, "to" => from + run.text.length, **look } ], from + run.text.length ]
        end.first
      end

      private

      def merged(runs)
        runs.chunk_while { |one, following| !one.formula && one.to_h.except(:text) == following.to_h.except(:text) }
          .map { |alike| Run.new(**alike.first.to_h, text: alike.sum("", &:text)) }
      end

      def read(text, look = {})
        at, runs = 0, []
        while at < text.length
          name, found = LOOKS.lazy.filter_map { |name, sign| text.match(sign, at)&.then { |match| [ name, match ] } unless look[name] }.first
          found ||= text.match(LETTER, at)
          runs.concat(found ? inside(name, found, look) : [ Run.new(text: text[at], **look) ])
          at = found ? found.end(0) : at + 1
        end
        runs
      end

      def inside(name, found, look)
        return [ Run.new(text: found[1], **look, **(name ? { formula: true } : {})) ] if name.nil? || name == :formula
        read(found[1], look.merge(name => true))
      end
    end
  end
end
