module Usher
  module Types
    # An id made by a browser: letters, digits, - and _, 1 to 40 of them.
    class Id
      def call(value)
        return value if value.is_a?(String) && value.match?(/\A[A-Za-z0-9_-]{1,40}\z/)
        raise Invalid, "must be 1 to 40 letters, digits, - or _"
      end
    end
  end
end
