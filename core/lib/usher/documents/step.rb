module Usher
  module Documents
    # What changed from one form to the next. A step says what becomes of an item (`item`), or of some of
    # its values (`values`); where items lie in other documents is known here.
    class Step
      KINDS = %i[item operation clipping set activity rules attempt reel chunk preferences tool].freeze

      # All attributes of an item.
      def item(item) = values(item)

      # Some attributes of an item, as a change sets them.
      def values(values) = values

      # An operation of the log, or an inverse.
      def operation(operation)
        operation.merge({
          "items" => operation["items"]&.map { |one| item(one) }, "steps" => operation["steps"]&.map { |one| self.operation(one) },
          "changes" => operation["changes"]&.map { |change| change.merge("set" => values(change["set"])) }
        }.compact)
      end

      # { "items" => [...] }, as they were copied.
      def clipping(clipping) = clipping.merge("items" => clipping["items"].map { |one| item(one) })

      # { "lesson", "items" => [...] } in the store room.
      def set(set) = clipping(set)

      # The content of an activity.
      def activity(content) = content

      # When an activity is marked, and what for.
      def rules(rules) = rules

      # What is known of a go (see Activities::Play).
      def attempt(state) = state

      # A take made ready to be played (see Takes::Reel).
      def reel(reel) = reel

      # A stretch of a take's film (see Takes::Film::Cutter).
      def chunk(chunk) = chunk

      # What a class tool knows (see Classroom::Tool).
      def tool(state) = state

      # What a teacher has set.
      def preferences(set) = set
    end
  end
end
