module Usher
  module Activities
    module Kinds
      # Choose all that fit: any number of the answers may be right. For each that is chosen or left rightly there is
      # credit, and each that is not takes as much away.
      #
      # Content and moves are those of ChooseOne. Cells are the questions.
      class ChooseAll < ChooseOne
        RIGHT = 0..8

        def self.title = "Choose all that fit"
        def self.purpose = "Any number of the answers may be right."
        def self.columns = [ "Question", "Right answer, or = before each right one", "Answer…" ]

        # An answer that begins with "=" is right, and so is the first.
        def self.from_table(rows, _settings)
          marked = ->(cell) { Table.text(cell).lstrip.start_with?("=") }
          { "questions" => rows.map do |ask, first, *others|
            right, wrong = others.compact.partition(&marked)
            { "ask" => ask, "right" => [ first, *right ].compact.map { |cell| marked.(cell) ? Table.text(cell).lstrip.delete_prefix("=").strip : cell }, "wrong" => wrong }
          end }
        end

        def to_table
          content["questions"].map { |question| [ question["ask"], *question["right"].first(1), *question["right"].drop(1).map { |face| { **face, "text" => "= #{face['text']}" } }, *question["wrong"] ] }
        end

        # A right answer alone says nothing yet about the others.
        def right?(deal, answers, cell)
          given, right = answers.fetch(cell, []), rights(deal, cell)
          (given - right).any? ? false : ((right - given).empty? || nil)
        end

        def mark(deal, answers) = cells(deal).to_h { |cell| [ cell, (credit(deal, answers, cell) if answers[cell]) ] }

        private

        def many? = true

        def credit(deal, answers, cell)
          all, right = fields(deal)[cell], rights(deal, cell)
          wrong = ((answers[cell] - right) + (right - answers[cell])).size
          wrong.zero? ? 1 : [ (all.size - 2.0 * wrong) / all.size, 0 ].max.round(3)
        end
      end
    end
  end
end
