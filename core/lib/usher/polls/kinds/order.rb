module Usher
  module Polls
    module Kinds
      # Things that are put in order. Settings: "things". An answer: all of them, the first one first.
      class Order < Kind
        COUNT = (2..10)

        def self.title = "Put in order"
        def self.rank = 11
        def self.icon = "arrow-down-1-0"
        def self.read(given) = { "things" => lines(given["things"], COUNT, "thing") }

        def shown_as = "ranks"
        def things = settings["things"]

        def accept(answer)
          answer = JSON.parse(answer, max_nesting: 3) if answer.is_a?(String)
          raise Invalid, "Put all of them in order." unless answer.is_a?(Array) && answer.sort_by(&:to_s) == things.sort
          answer
        rescue JSON::ParserError
          raise Invalid, "Put all of them in order."
        end

        def guess(random, off) = (off ? things.shuffle(random: random) : things).to_json
        def words(answer) = answer.join(" > ")

        # [[thing, mean place from 1, to one decimal], ...], the one that stands highest first.
        def ranks(answers)
          things.map { |thing| [ thing, answers.any? ? (answers.sum { |answer| answer.index(thing) + 1 } / answers.size.to_f).round(1) : nil ] }.sort_by { |thing, place| [ place || 0, things.index(thing) ] }
        end
      end
    end
  end
end
