module Usher
  module Types
    # One of a few given values.
    class Choice
      def initialize(*values)
        @values = values
      end

      def call(value)
        return value if @values.include?(value)
        raise Invalid, "must be one of #{@values.join(', ')}"
      end
    end
  end
end
