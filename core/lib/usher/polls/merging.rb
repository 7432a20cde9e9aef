module Usher
  module Polls
    # Words that mean the same are one: whatever their case, accents, an English plural, or one slip of the finger in a
    # word of five letters or more. What the teacher joined or split by hand counts before that.
    #
    # The slip is an optimal string alignment distance of one (Damerau 1964): a letter too many, too few, another one,
    # or two changed over.
    class Merging
      LONG = 5 # letters from which a slip is forgiven

      # words: as they were typed. joined: { key => key } by hand; split: keys that stand alone by hand.
      def initialize(words, joined: {}, split: [])
        @words, @joined, @split = words, joined, split
      end

      # What a word is compared by: without case, accents and the s of a plural.
      def self.key(word)
        plain = word.unicode_normalize(:nfkd).gsub(/\p{Mn}/, "").downcase.gsub(/[^\p{L}\p{N} ]/, "").squeeze(" ").strip
        plain = word.downcase.strip if plain.empty?
        return plain if plain.length < 4
        plain.sub(/(?<=[^aeiou])ies\z/, "y").sub(/(?<=ch|sh|ss|x|z)es\z/, "").sub(/(?<![sui])s\z/, "")
      end

      # A Tally: each group under the spelling that came most often, the largest first.
      def tally
        groups = grouped.map { |key, words| [ name_of(key, words), words.size ] }.sort_by { |name, count| [ -count, name.downcase ] }
        Tally.new(groups.map(&:first), groups.flat_map { |name, count| [ name ] * count })
      end

      # { key => [word, ...] }
      def grouped
        @grouped ||= begin
          plain = @words.group_by { |word| self.class.key(word) }
          plain.sort_by { |key, words| [ -words.size, key ] }.each_with_object({}) do |(key, words), groups|
            (groups[home(key, groups)] ||= []).concat(words)
          end
        end
      end

      private

      def home(key, groups)
        return by_hand(key) if @joined.key?(key)
        return key if @split.include?(key)
        groups.keys.find { |other| other != key && !@split.include?(other) && slip?(other, key) } || key
      end

      # Where a row of joins ends, however they were made.
      def by_hand(key)
        seen = []
        while @joined.key?(key) && !seen.include?(key)
          seen << key
          key = @joined[key]
        end
        key
      end

      def slip?(one, other)
        return false if one == other || [ one, other ].any? { |word| word.length < LONG || word.match?(/\d/) } || (one.length - other.length).abs > 1
        first = (0...[ one.length, other.length ].min).find { |index| one[index] != other[index] } || [ one.length, other.length ].min
        rest = [ one[first..], other[first..] ]
        return rest[0][1..] == rest[1][1..] || (rest[0][0, 2] == rest[1][0, 2].reverse && rest[0][2..] == rest[1][2..]) if one.length == other.length
        longer, shorter = rest.sort_by { |part| -part.length }
        longer[1..] == shorter
      end

      # The spelling that came most often, of those that need no forgiving.
      def name_of(key, words)
        plain = words.select { |word| self.class.key(word) == key }
        (plain.any? ? plain : words).tally.min_by { |word, count| [ -count, word == word.downcase ? 0 : 1, word.length, word ] }.first
      end
    end
  end
end
