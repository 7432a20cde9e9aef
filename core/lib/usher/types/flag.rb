module Usher
  module Types
    # true or false, nothing that only looks like it.
    class Flag
      def call(value)
        return value if value == true || value == false
        raise Invalid, "must be yes or no"
      end
    end
  end
end
