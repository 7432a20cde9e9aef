module Usher
  module Activities
    module Kinds
      # Choose one: to each question one answer of several is right.
      #
      # Content: { "questions" => [{ "ask" => Face, "right" => [Face], "wrong" => [Face, ...] }, ...] }.
      # Move: { "field" => "a1", "option" => name, "chosen" => bool }. Cells are the questions.
      class ChooseOne < Kind
        QUESTIONS = 1..40
        OPTIONS = 2..8
        RIGHT = 1..1

        def self.title = "Choose one"
        def self.purpose = "One of several answers is right."
        def self.listed = "questions"
        def self.columns = [ "Question", "Right answer", "Wrong answer…" ]
        def self.from_table(rows, _settings) = { "questions" => rows.map { |ask, right, *wrong| { "ask" => ask, "right" => [ right ].compact, "wrong" => wrong.compact } } }
        def to_table = content["questions"].map { |question| [ question["ask"], *question["right"], *question["wrong"] ] }
        def self.from_parts(parts) = parts["questions"]&.then { |questions| { "questions" => questions } }
        def to_parts = { "questions" => content["questions"] }

        def deal(seed) = Deal.shuffle(options.size, seed)

        def cells(_deal) = @cells ||= asked.each_index.map { |number| "a#{number + 1}" }

        def answering(deal) = Answering::Choosing.new(fields(deal), many: many?)

        def right?(deal, answers, cell) = answers[cell]&.sort == rights(deal, cell).sort

        def solve(deal, answers, cell) = answers.merge(cell => rights(deal, cell))

        def question(_deal, cell) = number(cell)

        def questions = asked.map { |question| question["ask"].words }

        def view(deal, answers)
          { "many" => many?, "questions" => fields(deal).map { |cell, names| { "cell" => cell, "options" => names.to_h { |name| [ name, answers.fetch(cell, []).include?(name) ] } } } }
        end

        def told(deal, answers, cell) = answers.fetch(cell, []).map { |name| options[deal.index(name)].first.words }.join(", ")

        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| options[index].first }, **cells(deal).zip(asked.map { |question| question["ask"] }).to_h }

        def all_faces = asked.flat_map { |question| [ question["ask"], *question["right"], *question["wrong"] ] }

        def glimpse = asked.map { |question| question["ask"].words }.first(4)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          view(deal, answers)["questions"].each { |question| sheet.choices(shown[question["cell"]], question["options"].map { |name, chosen| [ shown[name], chosen ] }) }
        end

        private

        def many? = false

        def asked = @asked ||= content["questions"].map { |question| { "ask" => Face.new(question["ask"]), "right" => faces_of(question["right"]), "wrong" => faces_of(question["wrong"]) } }
        def faces_of(list) = list.map { |face| Face.new(face) }

        # [[Face, number of its question, whether it is right], ...]
        def options
          @options ||= asked.each_with_index.flat_map { |question, number| question["right"].map { |face| [ face, number, true ] } + question["wrong"].map { |face| [ face, number, false ] } }
        end

        def number(cell) = cell[1..].to_i - 1

        # { question => the names of its options, in the order they were shuffled }.
        def fields(deal) = cells(deal).to_h { |cell| [ cell, deal.names.select { |name| options[deal.index(name)][1] == number(cell) } ] }

        def rights(deal, cell) = fields(deal)[cell].select { |name| options[deal.index(name)].last }

        def check(content)
          given = list(content["questions"], self.class::QUESTIONS, "Write #{self.class::QUESTIONS.begin} to #{self.class::QUESTIONS.end} questions.")
          { "questions" => given.each_with_index.map { |question, index| check_question(question, index + 1) } }
        end

        def check_question(given, number)
          raise Invalid, "Question #{number} must come with its answers." unless given.is_a?(Hash)
          ask = Face.read(given["ask"], "Question #{number}")
          right, wrong = %w[right wrong].map { |name| list(given[name], 0..40, "Question #{number} must come with its answers.").map { |face| Face.read(face, "An answer to question #{number}") } }
          check_counts(number, ask, right, wrong)
          distinct(right + wrong) { |face| "“#{face.words}” stands twice among the answers to “#{ask.words}”." }
          { "ask" => ask.to_h, "right" => right.map(&:to_h), "wrong" => wrong.map(&:to_h) }
        end

        def check_counts(number, ask, right, wrong)
          raise Invalid, "“#{ask.words}” has no right answer yet." if right.size < self.class::RIGHT.begin
          raise Invalid, "“#{ask.words}” has more than one right answer." if right.size > self.class::RIGHT.end
          raise Invalid, "“#{ask.words}” needs #{self.class::OPTIONS.begin} to #{self.class::OPTIONS.end} answers." unless self.class::OPTIONS.cover?(right.size + wrong.size)
        end
      end
    end
  end
end
