module Usher
  module Types
    # A list with a limited count, every entry of one type.
    class List
      def initialize(type, count)
        @type, @count = type, count
      end

      def call(value)
        unless value.is_a?(Array) && @count.cover?(value.size)
          raise Invalid, "must be a list of #{@count.begin} to #{@count.end}"
        end
        value.map { |entry| @type.call(entry) }
      end
    end
  end
end
