module Usher
  module Activities
    module Kinds
      class Gaps
        # Gaps that are typed into.
        class Typed
          def self.check(_gaps, _more) = nil

          def initialize(gaps, content)
            @gaps, @content = gaps, content
          end

          def pieces = []
          def left(_deal, _answers) = []
          def comparing = @comparing ||= Forgiving.new(case_matters: @content["case"], accents_matter: @content["accents"], slip: @content["slip"])
          def answering(_deal, cells) = Answering::Typing.new(cells)
          def answer(_deal, answers, cell) = answers[cell]
          def solve(_deal, answers, cell, right) = answers.merge(cell => right)

          # The length is shown only where the teacher says so.
          def shown(_deal, answers, cell) = { "value" => answers[cell], "length" => (@gaps[cell[1..].to_i - 1]["right"].first.length if @content["lengths"]) }
        end
      end
    end
  end
end
