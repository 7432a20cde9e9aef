module Usher
  module Polls
    # How often each choice was given.
    class Tally
      # count: how many gave it; share: 0 to 1, of the most frequent one's count, for bars.
      Row = Struct.new(:choice, :count, :share)

      # choices in the order shown; answers: one per student, each one of the choices or a list of some.
      def initialize(choices, answers)
        @total = answers.size
        counts = answers.flatten.tally
        most = [ counts.values.max || 0, 1 ].max
        @rows = choices.map { |choice| Row.new(choice, counts.fetch(choice, 0), counts.fetch(choice, 0).fdiv(most)) }
      end

      # Rows of choice, count and share; how many answered.
      attr_reader :rows, :total
    end
  end
end
