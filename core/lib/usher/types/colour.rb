module Usher
  module Types
    # A colour as "#rrggbb"; with `none: true` also the word "none".
    class Colour
      def initialize(none: false)
        @none = none
      end

      def call(value)
        return value if @none && value == "none"
        return value.downcase if value.is_a?(String) && value.match?(/\A#\h{6}\z/)
        raise Invalid, "must be a colour like #1e6079"
      end
    end
  end
end
