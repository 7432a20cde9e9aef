module Usher
  module Classroom
    # What a student may do on a device besides looking: a set of names. Whoever writes, writes with the class or on a
    # copy of their own, not both.
    class Rights
      NAMES = { "answer" => "Answer and play", "point" => "Point, with the name beside it", "write" => "Write with the class", "copy" => "Write on a copy of their own", "move" => "Move things" }.freeze
      PRESETS = { "watch" => [], "answer" => %w[answer], "point" => %w[answer point], "together" => %w[answer point write], "copy" => %w[answer copy], "board" => %w[answer point write move] }.freeze
      PRESET_WORDS = { "watch" => "Watch", "answer" => "Answer", "point" => "Point too", "together" => "Write together", "copy" => "Own copy", "board" => "Write and move" }.freeze
      USUAL = PRESETS.fetch("answer")
      # What may be done by which right.
      VERBS = { "put" => %w[write copy], "remove" => %w[write copy], "erase" => %w[copy], "move" => %w[move] }.freeze

      # names: a list of names; raises Invalid for anything else.
      def initialize(names)
        raise Invalid, "That is not what a student can be allowed." unless names.is_a?(Array) && (names - NAMES.keys).empty?
        raise Invalid, "Students write together or on a copy, not both." if (%w[write copy] - names).empty?
        @names = NAMES.keys & names
      end

      attr_reader :names

      def may?(name) = @names.include?(name)
      def writes? = may?("write") || may?("copy")

      # The name of the preset that these are, or nil.
      def preset = PRESETS.key(@names)

      # operation: a hash as it came. Raises Invalid where these rights do not go that far. On a copy everything is the
      # student's own; elsewhere only ink is put.
      def check(operation)
        verb = operation.is_a?(Hash) ? operation["verb"] : nil
        raise Invalid, "Your teacher has not opened that just now. What you did is not lost: ask." unless VERBS.fetch(verb, []).any? { |right| may?(right) }
        return unless verb == "put"
        items = operation["items"]
        raise Invalid, "From a device only ink is written." unless items.is_a?(Array) && items.all? { |item| item.is_a?(Hash) && item["kind"] == "ink" && !item.key?("z") }
      end
    end
  end
end
