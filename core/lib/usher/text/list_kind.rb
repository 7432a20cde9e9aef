module Usher
  module Text
    # How a paragraph of a list begins: one of Layout::LISTS; one that counts may say from where ("numbers:3"). Those beside each other
    # that say the same count on.
    class ListKind
      NUMBERS = 1..9_999
      COUNTING = /\A(#{Layout::COUNTED.keys.join('|')}):([1-9]\d{0,3})\z/

      # A kind that counts, from a number on: "numbers:3"; from 1, or from one that is out of reach, as usual.
      def self.from(kind, number) = number > 1 && NUMBERS.cover?(number) ? "#{kind}:#{number}" : kind

      def call(value)
        return value if Layout::LISTS.include?(value) || value.is_a?(String) && value.match?(COUNTING)
        raise Invalid, "must be one of #{Layout::LISTS.join(', ')}"
      end
    end
  end
end
