module Usher
  module Polls
    # A poll about the page as it stands: letters from A on.
    class Letters
      COUNT = 2..6
      ALL = %w[A B C D E F].freeze

      # count: how many letters; raises Invalid outside 2 to 6.
      def initialize(count)
        raise Invalid, "A poll has #{COUNT.begin} to #{COUNT.end} letters." unless count.is_a?(Integer) && COUNT.cover?(count)
        @count = count
      end

      def choices = ALL.first(@count)

      # The letter, when it is one of the choices; raises Invalid otherwise.
      def accept(answer)
        return answer if choices.include?(answer)
        raise Invalid, "Choose one of #{choices.join(', ')}."
      end
    end
  end
end
