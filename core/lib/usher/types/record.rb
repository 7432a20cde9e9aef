module Usher
  module Types
    # A set of named values, each of its own type; those in `optional` may be left out.
    class Record
      def initialize(optional: [], **types)
        @types = types.transform_keys(&:to_s)
        @optional = optional.map(&:to_s)
      end

      def call(value)
        raise Invalid, "must be a set of named values" unless value.is_a?(Hash) && (value.keys - @types.keys).empty?
        @types.each_with_object({}) do |(name, type), checked|
          next checked[name] = type.call(value[name]) if value.key?(name)
          raise Invalid, "has no #{name}" unless @optional.include?(name)
        end
      end
    end
  end
end
