module Usher
  module Polls
    module Kinds
      # Choices of the teacher's own, one or several of which are taken. Settings: "choices", "several".
      class Choices < Kind
        COUNT = (2..12)

        def self.title = "Own choices"
        def self.rank = 4
        def self.icon = "list-checks"
        def self.read(given) = { "choices" => lines(given["choices"], COUNT, "choice"), "several" => [ true, "true", "1", "on" ].include?(given["several"]) }

        def choices = settings["choices"]
        def several? = settings["several"]

        # One of the choices, or a list of them where several may be taken. Kept as a list, in the order shown.
        def accept(answer)
          taken = [ answer ].flatten
          raise Invalid, "Choose #{several? ? 'at least one' : 'one'} of what is offered." if taken.empty? || !taken.all?(String) || (taken - choices).any? || (taken.size > 1 && !several?)
          choices & taken
        end

        def guess(random, off) = [ super ]
        def label(choice) = choice
        def words(answer) = answer.join(", ")
      end
    end
  end
end
