module Usher
  module Activities
    module Kinds
      class Gaps
        # Proposes the words of a text that are worth leaving out: not those that only hold a sentence together, rather
        # long than short, rather what the text speaks of again, rather late in its sentence (where what is new stands)
        # and never its first word, and with some text between two of them.
        class Proposer
          WORD = /[[:alpha:]]\p{M}*(?:[[:alpha:]]\p{M}*|['’-](?=[[:alpha:]]))*/
          ENDS = /[.!?…:\n]/
          EVERY = 9 # words for each gap
          COUNT = 1..20
          BETWEEN = 4 # words between two gaps at the least
          LONG = 10.0 # letters: longer is not better
          SHORTEST = 3 # letters

          # Words that hold sentences together, by language.
          FUNCTION_WORDS = Dir[File.join(__dir__, "function_words/*.txt")].to_h { |file| [ File.basename(file, ".txt"), File.read(file).split.to_set.freeze ] }.freeze

          Word = Struct.new(:text, :from, :place, :length) do # from: characters; place, length: in and of its sentence, in words
            def key = text.downcase
            def first? = place.zero?
          end

          # text: without gaps.
          def initialize(text)
            @text = text.tr("[]", "()")
          end

          # The text with so many of its words in brackets.
          def text(count = usual)
            chosen(count).map(&:from).sort.reverse.inject(@text.dup) do |text, from|
              word = words.find { |one| one.from == from }
              text.tap { text[from, word.text.length] = "[#{word.text}]" }
            end
          end

          # The words themselves, the best first.
          def chosen(count = usual)
            candidates.each_with_object([]) do |word, chosen|
              return chosen if chosen.size >= count
              chosen << word unless chosen.any? { |other| other.key == word.key || (words.index(other) - words.index(word)).abs <= BETWEEN }
            end
          end

          # The language whose function words there are most of.
          def language = @language ||= FUNCTION_WORDS.max_by { |_, known| words.count { |word| known.include?(word.key) } }.first

          # How many gaps suit a text of this length.
          def usual = (words.size / EVERY).clamp(COUNT)

          private

          def candidates = words.select { |word| word.text.length >= SHORTEST && !function?(word) }.sort_by { |word| [ -worth(word), word.from ] }

          def function?(word) = [ word.key, *word.key.split(/['’-]/) ].first(2).any? { |part| FUNCTION_WORDS[language].include?(part) }

          def worth(word)
            [ word.text.length, LONG ].min / LONG + (again(word) ? 0.4 : 0) + 0.5 * word.place / word.length - (word.first? ? 0.6 : 0) - (name?(word) ? 0.5 : 0)
          end

          # Whether the text speaks of it more than once.
          def again(word) = counts[word.key] > 1
          def counts = @counts ||= words.map(&:key).tally

          # A name can hardly be guessed. In German every noun has a capital.
          def name?(word) = !word.first? && language != "de" && word.text.match?(/\A[[:upper:]]/)

          def words
            @words ||= sentences.flat_map do |from, sentence|
              found = sentence.to_enum(:scan, WORD).map { [ $~[0], from + $~.begin(0) ] }
              found.each_with_index.map { |(text, at), place| Word.new(text, at, place, found.size) }
            end
          end

          # [[where it begins, its text], ...]
          def sentences
            from = 0
            @text.split(/(?<=#{ENDS})/).map { |sentence| [ from, sentence ].tap { from += sentence.length } }
          end
        end
      end
    end
  end
end
