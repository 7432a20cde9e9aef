module Usher
  module Polls
    module Kinds
      # A scale between two words. Settings: "steps", 2 to 10; "low", "high": what its ends mean.
      class Scale < Kind
        STEPS = (2..10)

        def self.rank = 5
        def self.icon = "ruler"

        def self.read(given)
          { "steps" => whole(given, "steps", STEPS, 5, "A scale has #{STEPS.begin} to #{STEPS.end} steps."),
            **%w[low high].to_h { |name| [ name, Invalid.about("The word at an end") { LINE.call(given[name].to_s.strip) } ] } }
        end

        def choices = (1..settings["steps"]).to_a

        def accept(answer)
          number = Integer(answer.to_s, 10, exception: false)
          raise Invalid, "Choose a step from 1 to #{settings['steps']}." unless choices.include?(number)
          number
        end

        # The middle of all answers, to one decimal; nil where there is none.
        def mean(answers) = (answers.sum.fdiv(answers.size).round(1) if answers.any?)
      end
    end
  end
end
