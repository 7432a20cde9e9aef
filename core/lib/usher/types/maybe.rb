module Usher
  module Types
    # A value of a type, or nothing (nil).
    class Maybe
      def initialize(type)
        @type = type
      end

      def call(value) = value.nil? ? nil : @type.call(value)
    end
  end
end
