module Usher
  module Activities
    module Kinds
      class Gaps
        # Gaps that words are dragged into: those that belong there, the wrong ones of each gap, and others.
        class Dragged
          def self.check(gaps, more)
            clash = gaps.flat_map { |gap| gap["right"] } & more
            raise Invalid, "“#{clash.first}” is right in a gap, so it cannot be one of the other words." if clash.any?
          end

          attr_reader :pieces

          def initialize(gaps, content)
            @pieces = gaps.map { |gap| gap["right"].first } + gaps.flat_map { |gap| gap["wrong"] } + content["more"]
          end

          def left(deal, answers) = deal.names - answers.keys
          def comparing = @comparing ||= Forgiving.new(case_matters: true)
          def answering(deal, cells) = Answering::Placing.new(deal.names, cells.to_h { |cell| [ cell, 1 ] })
          def answer(deal, answers, cell) = answers.key(cell)&.then { |name| word(deal, name) }

          # Takes a piece with these words that is not in a gap where it is right (the block says so).
          def solve(deal, answers, cell, right)
            piece = deal.names.find { |name| word(deal, name) == right && !(answers[name] && yield(answers[name])) }
            Answering::Placing.new(deal.names, { cell => 1 }).accept(answers, { "piece" => piece, "place" => cell })
          end

          def shown(_deal, answers, cell) = { "piece" => answers.key(cell) }

          private

          def word(deal, name) = pieces[deal.index(name)]
        end
      end
    end
  end
end
