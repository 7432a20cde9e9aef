module Usher
  module Activities
    # Something that is chosen for an activity besides its content. word: what it is; choices: { value => word }, the
    # first is taken where nothing was said.
    Setting = Struct.new(:word, :choices) do
      # The value given, or the first. Raises Invalid for another.
      def read(given) = given.nil? ? choices.keys.first : Invalid.about(word) { Types::Choice.new(*choices.keys).call(given) }
    end
  end
end
