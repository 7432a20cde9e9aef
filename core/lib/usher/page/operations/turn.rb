module Usher
  module Page
    module Operations
      # The lesson turns to this page. Changes nothing on it; the log keeps it for takes and for
      # "what happened in this lesson".
      class Turn < Operation
        def apply(_page, lenient:) = Outcome.new

        private

        def read = nil

        def payload = {}
      end
    end
  end
end
