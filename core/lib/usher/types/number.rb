module Usher
  module Types
    # A finite number within a range, kept to `digits` decimals (page units need two).
    class Number
      def initialize(range, digits: 2)
        @range, @digits = range, digits
      end

      def call(value)
        unless value.is_a?(Numeric) && value.to_f.finite? && @range.cover?(value)
          raise Invalid, "must be a number from #{@range.begin} to #{@range.end}"
        end
        @digits.zero? ? value.round : value.to_f.round(@digits)
      end
    end
  end
end
