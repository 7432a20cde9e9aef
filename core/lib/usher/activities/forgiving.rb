module Usher
  module Activities
    # Compares typed words with an accepted answer. Spaces and the shape of quotation marks never matter; case,
    # accents and one slip as the teacher chose.
    class Forgiving
      SLIP_FROM = 4 # letters: in shorter words a slip makes another word

      def initialize(case_matters: false, accents_matter: true, slip: false)
        @case_matters, @accents_matter, @slip = case_matters, accents_matter, slip
      end

      def same?(typed, accepted)
        typed, accepted = plain(typed), plain(accepted)
        typed == accepted || (@slip && accepted.length >= SLIP_FROM && slip?(typed, accepted))
      end

      # The text as it is compared.
      def plain(text)
        text = text.unicode_normalize(:nfc).tr("’‘“”", %q(''"")).gsub(/[[:space:]]+/, " ").strip
        text = text.downcase unless @case_matters
        @accents_matter ? text : text.unicode_normalize(:nfd).gsub(/\p{Mn}/, "").unicode_normalize(:nfc)
      end

      private

      # One letter too many, too few or another, or two neighbours the wrong way round.
      def slip?(one, other)
        one, other = [ one, other ].map(&:chars).sort_by(&:size)
        return false if other.size - one.size > 1
        start = one.zip(other).take_while { |a, b| a == b }.size
        return one[start..] == other[start + 1..] if one.size < other.size
        one[start + 1..] == other[start + 1..] || (one[start, 2] == other[start, 2].reverse && one[start + 2..] == other[start + 2..])
      end
    end
  end
end
