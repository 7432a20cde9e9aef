module Usher
  module Polls
    # A kind of question. A subclass reads what it wants to know (`read`), checks an answer (`accept`) and says how all of
    # them are shown (`shown_as`): "bars" with `tally`, or the name of another picture of them.
    class Kind
      LINE = Types::Line.new(200)
      LABEL = Types::Line.new(80, blank: false)

      class << self
        def title = name.split("::").last
        def icon = "chart-column"

        # Where it stands among those that are offered, and whether it can be asked with one tap.
        def rank = 50
        def at_once? = false

        # given: what came out of a form, a hash of texts and lists. Answers with what is kept of it; raises Invalid.
        def read(_given) = {}

        private

        # Lines of a text, blank ones left out; from..to of them, each another one. what: "a choice".
        def lines(typed, count, what)
          lines = Types::Line.new(4_000).call(typed.is_a?(Array) ? typed.join("\n") : typed.to_s).split("\n").map(&:strip).reject(&:empty?)
          raise Invalid, "Type #{count.begin} to #{count.end} #{what}s, one a line; there are #{lines.size}." unless count.cover?(lines.size)
          twice = lines.tally.find { |_, times| times > 1 } and raise Invalid, "“#{twice.first[0, 40]}” is there twice."
          lines.map { |line| Invalid.about("A #{what}") { LABEL.call(line) } }
        end

        def whole(given, name, range, usual, words)
          number = Integer(given[name].to_s.strip.then { |typed| typed.empty? ? usual.to_s : typed }, 10, exception: false)
          raise Invalid, words unless number && range.cover?(number)
          number
        end
      end

      attr_reader :settings

      def initialize(settings)
        @settings = settings
      end

      def shown_as = "bars"

      # An answer as it is kept, from what came out of a form or a browser; raises Invalid with a sentence for the student.
      def accept(_answer) = raise(NotImplementedError)

      # An answer in words, for lists and tables.
      def words(answer) = answer.to_s

      # What stands beside a bar.
      def label(choice) = words(choice)

      # The bars for these answers.
      def tally(answers) = Tally.new(choices, answers)

      # What a simulated student would send. off: whether it goes astray; random: a Random. Where only the teacher knows
      # what is right, the first choice is.
      def guess(random, off) = (off ? choices.sample(random: random) : choices.first).to_s

      # Whether an answer is right; nil where the question has no right one.
      def right?(_answer) = nil
    end
  end
end
