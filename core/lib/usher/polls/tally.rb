module Usher
  module Polls
    # How often each choice was given.
    class Tally
      Row = Struct.new(:choice, :count, :share)

      # choices in the order shown; answers: one per student, each one of the choices.
      def initialize(choices, answers)
        counts = answers.tally
        most = [ counts.values.max || 0, 1 ].max
        @rows = choices.map { |choice| Row.new(choice, counts.fetch(choice, 0), counts.fetch(choice, 0).fdiv(most)) }
      end

      # Rows of choice, count, and share (0 to 1) of the most frequent choice's count, for bars.
      attr_reader :rows

      def total = rows.sum(&:count)
    end
  end
end
