module Usher
  module Polls
    # A question with a few words to choose one from.
    class Fixed < Kind
      def accept(answer)
        return answer if choices.include?(answer)
        raise Invalid, "Choose one of #{choices.join(', ')}."
      end
    end
  end
end
