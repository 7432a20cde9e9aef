module Usher
  module Activities
    module Kinds
      # Word search: words hidden among other letters.
      #
      # Content: { "words" => [text, ...], "directions" => "two", "avoid" => [text, ...] }: words that must not come
      # about by chance, besides those that never do. Move: { "from" => "3-5", "to" => "7-5" }, both ends of a line.
      # Answers: { "found" => { cell => [from, to] }, "missed" => how many lines were no word }. Cells are the words.
      class WordSearch < Kind
        autoload :Grid, "usher/activities/kinds/word_search/grid"

        WORDS = 2..25
        LENGTH = 3..15
        DIRECTIONS = { "two" => [ [ 1, 0 ], [ 0, 1 ] ], "three" => [ [ 1, 0 ], [ 0, 1 ], [ 1, 1 ] ],
                       "eight" => [ [ 1, 0 ], [ 0, 1 ], [ 1, 1 ], [ -1, 0 ], [ 0, -1 ], [ -1, -1 ], [ 1, -1 ], [ -1, 1 ] ] }.freeze

        def self.title = "Word search"
        def self.purpose = "Find words among other letters."
        def self.columns = [ "Word to find", "Word that must not come about by chance" ]
        def self.plain = [ 0, 1 ]
        def self.settings = { "directions" => Setting.new("Words lie", { "two" => "Forward and down", "three" => "Forward, down and aslant", "eight" => "In all directions, also backwards" }) }
        def self.from_table(rows, settings) = { "directions" => settings["directions"], "words" => rows.filter_map { |word, _| Table.text(word) unless Table.blank?(word) }, "avoid" => rows.filter_map { |_, word| Table.text(word) unless Table.blank?(word) } }
        def to_table = content["words"].zip(content["avoid"]) + content["avoid"].drop(content["words"].size).map { |word| [ nil, word ] }
        def self.from_parts(parts) = parts["words"]&.then { |words| { "directions" => "two", "words" => words, "avoid" => [] } }
        def to_parts = { "words" => content["words"] }

        def deal(seed) = Grid.new(words, DIRECTIONS.fetch(content["directions"]), seed, avoid: content["avoid"].map { |word| letters(word) })
        def cells(_deal) = @cells ||= words.each_index.map { |number| "w#{number + 1}" }
        def start(_deal) = { "found" => {}, "missed" => 0 }
        def answering(_deal) = self

        def accept(deal, answers, move, _fixed = [])
          raise Invalid, "A move names both ends of a line." unless move.is_a?(Hash)
          line = deal.line(*move.values_at("from", "to")) or raise Invalid, "That is no line in this grid."
          index = deal.word_at(*line.values_at(0, -1))
          return answers.merge("missed" => answers["missed"] + 1) unless index
          answers.merge("found" => answers["found"].merge("w#{index + 1}" => line.values_at(0, -1)))
        end

        def missed(answers) = answers["missed"]
        def answer(_deal, answers, cell) = answers["found"][cell]
        def right?(_deal, answers, cell) = answers["found"].key?(cell)
        def solve(deal, answers, cell) = answers.merge("found" => answers["found"].merge(cell => deal.places[number(cell)].values_at(0, -1)))
        def moves_to(_deal, answers) = answers["found"].values.map { |from, to| { "from" => from, "to" => to } }
        def question(_deal, cell) = number(cell)
        def questions = content["words"]

        # The words to find are known to whoever searches; where they are is not.
        def view(deal, answers)
          marked = answers["found"].values.flat_map { |from, to| deal.line(from, to) }
          { "rows" => deal.rows, "marked" => marked.uniq, "words" => cells(deal).to_h { |cell| [ cell, answers["found"].key?(cell) ] } }
        end

        def told(_deal, _answers, cell) = content["words"][number(cell)]
        def faces(_deal, _answers) = cells(nil).to_h { |cell| [ cell, Face.literal(content["words"][number(cell)]) ] }
        def glimpse = content["words"].first(12)

        def paper(sheet, deal, answers, **)
          view = view(deal, answers)
          sheet.squares(view["rows"].each_with_index.map { |row, down| row.each_with_index.map { |letter, across| { "letter" => letter, "dark" => view["marked"].include?("#{across}-#{down}") } } })
          sheet.text(content["words"].join("   "))
        end

        private

        def words = @words ||= content["words"].map { |word| letters(word) }
        def letters(text) = text.unicode_normalize(:nfc).upcase.gsub(/[\s\-'’]/, "").grapheme_clusters
        def number(cell) = cell[1..].to_i - 1

        def check(content)
          directions = self.class.settings["directions"].read(content["directions"])
          words = list(content["words"], WORDS, "A word search needs #{WORDS.begin} to #{WORDS.end} words.").map { |word| Invalid.about("A word") { Types::Line.new(40, blank: false).call(word) }.strip }
          words.each do |word|
            raise Invalid, "“#{word}” has #{letters(word).size} letters; #{LENGTH.begin} to #{LENGTH.end} can be hidden." unless LENGTH.cover?(letters(word).size)
            raise Invalid, "“#{word}” has something in it that is no letter." unless letters(word).all? { |letter| letter.match?(/\A[[:alpha:]]\p{M}*\z/) }
          end
          distinct(words, by: ->(word) { letters(word) }) { |word| "“#{word}” stands twice." }
          check_inside(words)
          Grid.new(words.map { |word| letters(word) }, DIRECTIONS.fetch(directions), 1)
          avoid = list(content.fetch("avoid", []), 0..100, "Name 100 words to avoid at the most.").map { |word| Invalid.about("A word to avoid") { Types::Line.new(40, blank: false).call(word) }.strip }
          { "words" => words, "directions" => directions, "avoid" => avoid.uniq }
        end

        # A word within another, forwards or backwards, would be there twice.
        def check_inside(words)
          plain = words.to_h { |word| [ word, letters(word).join ] }
          words.permutation(2) do |one, other|
            raise Invalid, "“#{one}” stands within “#{other}”, so it would be there twice." if [ plain[other], plain[other].reverse ].any? { |text| text.include?(plain[one]) }
          end
        end
      end
    end
  end
end
