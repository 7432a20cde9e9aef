module Usher
  module Classroom
    # One class tool. What it knows is a hash (`state`) that is stored; it changes by actions, which answer with the next
    # state and change nothing themselves. Times are seconds of the server's clock, so that a browser's clock, a summer
    # time or a midnight does no harm.
    class Tool
      class << self
        def kind = name.split("::").last.downcase

        # Its word, and its icon.
        def title = kind.capitalize
        def icon = "shapes"
        def rank = 50

        # The state of a new one from what was filled in (string keys, all may be missing). at: now, in seconds; seed: as
        # Chance takes it. Raises Invalid.
        def begin(_given, at:, seed:) = raise(NotImplementedError)

        # What can be done to it, by name.
        def actions = public_instance_methods.filter_map { |name| name.to_s.delete_prefix!("do_") }
      end

      attr_reader :state

      def initialize(state) = @state = state

      # Does an action: answers with the next state. given: a hash with string keys. Raises Invalid.
      def act(name, given = {}, at:)
        raise Invalid, "That cannot be done with this." unless self.class.actions.include?(name)
        public_send("do_#{name}", given, at)
      end

      # Whether devices must not know yet what came out (see Drawn); seconds until they may, nil where they may now.
      def rests_in(_at) = nil

      # In a few words, for a take and for who does not see it.
      def words(_at) = self.class.title

      private

      def with(**changes) = state.merge(changes.transform_keys(&:to_s))

      def self.number(given, name, limits, what, usual: nil, digits: 0)
        value = given[name]
        value = usual if value.nil? || value == ""
        value = Float(value, exception: false) || value if value.is_a?(String)
        checked = Types::Number.new(-1e16..1e16, digits: digits).call(value)
        raise Invalid, what unless limits.cover?(checked)
        digits.zero? ? checked.to_i : checked
      rescue Invalid
        raise Invalid, what
      end

      def number(...) = self.class.number(...)
    end
  end
end
