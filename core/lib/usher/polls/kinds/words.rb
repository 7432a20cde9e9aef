module Usher
  module Polls
    module Kinds
      # A few words each, which grow the more often they come. Settings: "most" (1 to 5 words each), "joined" and "split"
      # (what the teacher changed by hand, see Merging).
      class Words < Kind
        MOST = (1..5)
        WORD = Types::Line.new(40)

        def self.title = "Words that grow"
        def self.rank = 8
        def self.icon = "cloud"
        def self.read(given) = { "most" => whole(given, "most", MOST, 3, "Each gives #{MOST.begin} to #{MOST.end} words.") }

        def shown_as = "cloud"
        def most = settings["most"]

        # A text with commas or lines between the words, or a list.
        def accept(answer)
          raise Invalid, "Type a word first." unless [ answer ].flatten.all?(String)
          words = Array(answer).flat_map { |one| one.split(/[,;\n]/) }.map { |word| word.gsub(/[[:space:]]+/, " ").strip }.reject(&:empty?)
          raise Invalid, "Type a word first." if words.empty?
          raise Invalid, "At most #{most} #{most == 1 ? 'word' : 'words'}, with a comma between them." if words.size > most
          words.map { |word| Invalid.about("A word") { WORD.call(word) } }
        end

        def guess(random, off) = Text::WORDS.sample(off ? most : 1, random: random).join(", ")
        def words(answer) = answer.join(", ")

        # Rows of word and count, the most frequent first.
        def tally(answers) = Merging.new(answers.flatten, joined: settings["joined"] || {}, split: settings["split"] || []).tally
      end
    end
  end
end
