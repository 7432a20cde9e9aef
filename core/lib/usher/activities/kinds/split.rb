module Usher
  module Activities
    module Kinds
      # Split the word: into syllables, or into the parts it is made of.
      #
      # Content: { "words" => ["har-bour", ...] }, with a hyphen at each cut; a cut on either side of a hyphen of its own
      # is written "--". Move: { "field" => "p1", "option" => "c3", "chosen" => bool }: a cut after the third letter.
      # Cells are the words; for a part of the cuts there is part of the points.
      class Split < Kind
        WORDS = 1..40
        WORD = Types::Line.new(60, blank: false)

        def self.title = "Split the word"
        def self.purpose = "Cut words into syllables or parts."
        def self.columns = [ "Word, with a hyphen at each cut" ]
        def self.plain = [ 0 ]
        def self.from_table(rows, _settings) = { "words" => rows.map { |cell, *| Table.text(cell) } }
        def to_table = content["words"].map { |word| [ word ] }

        def deal(seed) = Deal.shuffle(words.size, seed)
        def cells(deal) = deal.names
        def answering(deal) = Answering::Choosing.new(deal.names.to_h { |name| [ name, cuts(letters(deal, name).size) ] }, many: true)

        # A right cut alone says nothing yet about the others.
        def right?(deal, answers, cell)
          given, right = answers.fetch(cell, []), rights(deal, cell)
          (given - right).any? ? false : ((right - given).empty? || nil)
        end

        def solve(deal, answers, cell) = answers.merge(cell => rights(deal, cell))
        def question(deal, cell) = deal.index(cell)
        def questions = words.map(&:join)
        def view(deal, answers) = { "words" => deal.names.to_h { |name| [ name, { "letters" => letters(deal, name), "cuts" => answers.fetch(name, []) } ] } }
        def glimpse = questions.first(8)

        def told(deal, answers, cell)
          letters(deal, cell).each_with_index.map { |letter, index| answers.fetch(cell, []).include?("c#{index + 1}") ? "#{letter}-" : letter }.join
        end

        # Right cuts less wrong ones, of all that are right.
        def mark(deal, answers)
          cells(deal).to_h do |cell|
            given, right = answers[cell], rights(deal, cell)
            [ cell, given && ([ (given & right).size - (given - right).size, 0 ].max.to_f / right.size).then { |share| share == 1 ? 1 : share.round(3) } ]
          end
        end

        def paper(sheet, deal, answers, **)
          deal.names.each { |name| sheet.text(answers[name] ? told(deal, answers, name) : letters(deal, name).join(" "), size: 40) }
        end

        private

        # [["har", "bour"], ...]
        def words = @words ||= content["words"].map { |word| parts(word) }

        def letters(deal, name) = words[deal.index(name)].join.grapheme_clusters
        def cuts(length) = (1...length).map { |number| "c#{number}" }
        def rights(deal, cell) = words[deal.index(cell)][0..-2].inject([]) { |ends, part| ends + [ (ends.last || 0) + part.grapheme_clusters.size ] }.map { |number| "c#{number}" }

        def parts(word) = word.gsub("--", "\u0000").split("-").map { |part| part.tr("\u0000", "-") }.reject(&:empty?)

        def check(content)
          given = list(content["words"], WORDS, "Write #{WORDS.begin} to #{WORDS.end} words.")
          words = given.each_with_index.map { |word, index| Invalid.about("Word #{index + 1}") { WORD.call(word) }.gsub(/\s*-\s*/, "-").strip }
          words.each do |word|
            raise Invalid, "“#{word}” is to be cut nowhere. Write a hyphen at each cut." if parts(word).size < 2
            raise Invalid, "“#{word}” has a space. Write one word in a row." if word.match?(/\s/)
          end
          distinct(words, by: ->(word) { parts(word).join.downcase }) { |word| "“#{parts(word).join}” stands twice." }
          { "words" => words }
        end
      end
    end
  end
end
