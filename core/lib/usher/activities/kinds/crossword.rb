module Usher
  module Activities
    module Kinds
      # Crossword: the core lays the words out so that they cross.
      #
      # Content: { "words" => [{ "word" => text, "clue" => Face }, ...] }. Spaces and hyphens in a word are left out.
      # Moves: { "field" => "3-5", "text" => letter } (an empty one clears the square) and { "field" => "w1", "text" => word }.
      # Answers: { square => letter }. Cells are the words as they lie, "w1" the one that is read first.
      class Crossword < Kind
        autoload :Layout, "usher/activities/kinds/crossword/layout"

        WORDS = 2..25
        LENGTH = 2..20
        LETTER = Types::Line.new(8)

        def self.title = "Crossword"
        def self.purpose = "Words that cross, each with a clue."
        def self.columns = %w[Word Clue]
        def self.plain = [ 0 ]
        def self.from_table(rows, _settings) = { "words" => rows.map { |word, clue| { "word" => Table.text(word), "clue" => clue } } }
        def to_table = content["words"].map { |word| [ word["word"], word["clue"] ] }
        def self.from_parts(parts) = parts["pairs"]&.then { |pairs| { "words" => pairs.map { |clue, word| { "word" => word["text"].to_s, "clue" => clue } } } }
        def to_parts = { "pairs" => content["words"].map { |word| [ word["clue"], { "text" => word["word"] } ] }, "words" => content["words"].map { |word| word["word"] } }

        def deal(_seed) = Deal.new([])
        def cells(_deal) = entries.keys
        def answering(_deal) = self

        def accept(_deal, answers, move, _fixed = [])
          raise Invalid, "A move names a square or a word and what is written there." unless move.is_a?(Hash)
          field = move["field"]
          return write(answers, entries[field], move["text"]) if entries.key?(field)
          raise Invalid, "That square is not in this crossword." unless layout.squares.key?(field)
          put(answers, field, Invalid.about("A letter") { LETTER.call(move["text"]) })
        end

        # The letters of a word once all of them are there.
        def answer(_deal, answers, cell) = entries.fetch(cell).squares.map { |square| answers[square] || (return nil) }.join

        def right?(_deal, answers, cell) = entries.fetch(cell).squares.all? { |square| same?(answers[square], layout.squares[square]) }

        def solve(_deal, answers, cell) = answers.merge(entries.fetch(cell).squares.to_h { |square| [ square, layout.squares[square] ] })

        def moves_to(deal, answers) = cells(deal).map { |cell| { "field" => cell, "text" => told(deal, answers, cell) } }
        def question(_deal, cell) = entries.fetch(cell).index
        def questions = content["words"].map { |word| word["word"] }

        # The squares without their letters, and the words as they lie.
        def view(_deal, answers)
          starts = entries.values.to_h { |entry| [ entry.squares.first, entry.number ] }
          { "width" => layout.width, "height" => layout.height, "squares" => layout.squares.to_h { |square, _| [ square, { "letter" => answers[square], "number" => starts[square] } ] },
            "words" => entries.to_h { |cell, entry| [ cell, { "number" => entry.number, "across" => entry.across, "squares" => entry.squares, "text" => entry.squares.map { |square| answers[square] }.join } ] } }
        end

        def told(deal, answers, cell) = answer(deal, answers, cell).to_s
        def faces(_deal, _answers) = entries.transform_values { |entry| Face.new(content["words"][entry.index]["clue"]) }
        def all_faces = content["words"].map { |word| Face.new(word["clue"]) }
        def glimpse = all_faces.map(&:words).first(4)

        # How the words lie (Layout).
        def layout = @layout ||= Layout.of(words)

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.squares(Array.new(view["height"]) { |down| Array.new(view["width"]) { |across| view["squares"]["#{across}-#{down}"] } })
          view["words"].group_by { |_, word| word["across"] }.sort_by { |across, _| across ? 0 : 1 }.each do |across, words|
            sheet.text(across ? "Across" : "Down", bold: true)
            words.each { |cell, word| sheet.text("#{word['number']}  #{shown[cell].words}") }
          end
        end

        private

        def words = @words ||= content["words"].map { |word| letters(word["word"]) }

        # { "w1" => Layout::Entry } in reading order.
        def entries = @entries ||= layout.entries.each_with_index.to_h { |entry, number| [ "w#{number + 1}", entry ] }

        def letters(text) = text.unicode_normalize(:nfc).upcase.gsub(/[\s\-'’]/, "").grapheme_clusters

        def write(answers, entry, text)
          typed = letters(Invalid.about("The word") { Types::Line.new(60).call(text) })
          raise Invalid, "That word has #{entry.squares.size} letters." if typed.size > entry.squares.size
          entry.squares.zip(typed).inject(answers) { |now, (square, letter)| letter ? put(now, square, letter) : now }
        end

        def put(answers, square, text)
          letter = letters(text).first
          letter ? answers.merge(square => letter) : answers.except(square)
        end

        # An accent left out is forgiven: not every keyboard has it.
        def same?(given, letter) = given && (given == letter || given.unicode_normalize(:nfd).gsub(/\p{Mn}/, "") == letter.unicode_normalize(:nfd).gsub(/\p{Mn}/, ""))

        def check(content)
          given = list(content["words"], WORDS, "A crossword needs #{WORDS.begin} to #{WORDS.end} words.")
          words = given.each_with_index.map { |word, index| check_word(word, index + 1) }
          distinct(words, by: ->(word) { letters(word["word"]) }) { |word| "“#{word['word']}” stands twice." }
          left = Layout.of(words.map { |word| letters(word["word"]) }).left
          raise Invalid, "“#{words[left.first]['word']}” finds no place where it crosses the others. Change it, or add words." if left.any?
          { "words" => words }
        end

        def check_word(given, number)
          raise Invalid, "Row #{number} needs a word and a clue." unless given.is_a?(Hash)
          word = Invalid.about("The word in row #{number}") { Types::Line.new(40, blank: false).call(given["word"]) }.strip
          size = letters(word).size
          raise Invalid, "“#{word}” has #{size} letters; #{LENGTH.begin} to #{LENGTH.end} can be laid out." unless LENGTH.cover?(size)
          raise Invalid, "“#{word}” has something in it that is no letter." unless letters(word).all? { |letter| letter.match?(/\A[[:alpha:]]\p{M}*\z/) }
          { "word" => word, "clue" => Face.read(given["clue"], "The clue of “#{word}”").to_h }
        end
      end
    end
  end
end
