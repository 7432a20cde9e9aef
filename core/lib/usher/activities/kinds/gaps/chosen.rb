module Usher
  module Activities
    module Kinds
      class Gaps
        # Gaps with a list to choose from: what is right, the wrong ones of that gap, and others that stand in all lists.
        class Chosen
          def self.check(gaps, more)
            gaps.each do |gap|
              clash = (gap["right"] & more).first
              raise Invalid, "“#{clash}” is right in a gap, so it cannot be one of the other words." if clash
              raise Invalid, "The gap “#{gap['right'].first}” has nothing to choose from. Add wrong words." if (gap["wrong"] + more).empty?
            end
          end

          attr_reader :pieces

          def initialize(gaps, content)
            lists = gaps.map { |gap| [ gap["right"].first, *(gap["wrong"] | content["more"]) ] }
            @pieces = lists.flatten
            @gap_of = lists.each_with_index.flat_map { |list, number| [ "f#{number + 1}" ] * list.size }
          end

          def left(_deal, _answers) = []
          def comparing = @comparing ||= Forgiving.new(case_matters: true)
          def answering(deal, cells) = Answering::Choosing.new(cells.to_h { |cell| [ cell, options(deal, cell) ] })
          def answer(deal, answers, cell) = answers[cell]&.first&.then { |name| pieces[deal.index(name)] }
          def solve(deal, answers, cell, right) = answers.merge(cell => [ options(deal, cell).find { |name| pieces[deal.index(name)] == right } ])
          def shown(deal, answers, cell) = { "options" => options(deal, cell), "chosen" => answers[cell]&.first }

          private

          # The options of a gap in the order they were shuffled.
          def options(deal, cell) = deal.names.select { |name| @gap_of[deal.index(name)] == cell }
        end
      end
    end
  end
end
