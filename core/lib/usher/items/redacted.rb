module Usher
  module Items
    # What is partly under a cover: devices get a drawing without what is hidden.
    module Redacted
      # The same without what is hidden, for a drawing that leaves the teacher's hands.
      def redacted = hidden.empty? ? self : clone.tap { |copy| copy.instance_variable_set(:@redacted, true) }

      private

      def redacted? = @redacted || false
    end
  end
end
