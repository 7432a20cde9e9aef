require "bigdecimal"

module Usher
  module Page
    # The numbers along an axis or a number line, exact decimals: from, to and step as numbers.
    class Scale
      MOST = 200

      def initialize(from, to, step)
        @from, @to, @step = [ from, to, step ].map { |number| BigDecimal(number.to_s) }
      end

      # Raises Invalid where nothing can be drawn.
      def check
        raise Invalid, "A scale must go up: from #{self.class.words(@from)} to #{self.class.words(@to)} it does not." unless @to > @from
        raise Invalid, "The step of a scale must be more than nothing." unless @step.positive?
        raise Invalid, "That makes more than #{MOST} steps. Choose a larger step." if (@to - @from) / @step > MOST
      end

      # [[value, share of the way from 0 to 1], ...]
      def marks
        (0..((@to - @from) / @step).floor).map { |index| [ @from + @step * index, share(@from + @step * index) ] }
      end

      # Where a value lies, 0 at the beginning and 1 at the end.
      def share(value) = ((BigDecimal(value.to_s) - @from) / (@to - @from)).to_f

      # "0.5", "-3", with the minus sign that people read.
      def self.words(number)
        text = number == number.to_i ? number.to_i.to_s : number.to_s("F")
        text.sub("-", "−")
      end
    end
  end
end
