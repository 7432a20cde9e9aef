module Usher
  module Activities
    # When an activity is marked, and what for: the same for all kinds.
    class Rules
      # move: each answer is marked as it is given, and what is wrong stays and can be changed; back: what is wrong
      # goes back; parts: marked when asked, part by part; whole: when asked, only whether all of it is right;
      # teacher: only the teacher sees.
      WAYS = %w[move back parts whole teacher].freeze
      LIVE = %w[move back].freeze
      HINTS = %w[none free cost].freeze

      TYPES = {
        "marked" => Types::Choice.new(*WAYS), # when
        "tries" => Types::Maybe.new(Types::Number.new(1..20, digits: 0)), # for each part, or how often it may be asked; nil: any number
        "seconds" => Types::Maybe.new(Types::Number.new(10..7200, digits: 0)), # the time for one go
        "points" => Types::Number.new(1..100, digits: 0), # for each question
        "hints" => Types::Choice.new(*HINTS), # cost: half a part's points
        "clock" => Types::Flag.new, "moves" => Types::Flag.new, # whether time and moves are shown
        "solution" => Types::Flag.new, # whether it is shown afterwards how it is solved
        "language" => Types::Choice.new("", *Speech::LANGUAGES.keys) # that its words are read aloud in; empty: not read aloud
      }.freeze
      DEFAULTS = { "marked" => "back", "tries" => nil, "seconds" => nil, "points" => 1, "hints" => "none", "clock" => true, "moves" => true, "solution" => true, "language" => "" }.freeze

      # given: a hash with some of the above. Raises Invalid.
      def initialize(given = {})
        raise Invalid, "The rules must come as a set of named values." unless given.is_a?(Hash)
        @values = DEFAULTS.merge(given.to_h { |name, value| [ name, check(name, value) ] }).freeze
      end

      TYPES.each_key { |name| define_method(name) { @values[name] } }

      def to_h = @values
      def live? = LIVE.include?(marked)
      def asked? = %w[parts whole].include?(marked)

      private

      def check(name, value)
        type = TYPES[name] or raise Invalid, "There is no rule #{name.to_s[0, 40].inspect}."
        Invalid.about("The rule #{name}") { type.call(value) }
      end
    end
  end
end
