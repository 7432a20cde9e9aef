module Usher
  module Activities
    # What every kind of activity answers. Content is a hash with string keys, as a teacher filled it
    # in. A deal is a hash that may be shown to a student: it holds nothing that gives an answer away.
    class Kind
      # The plain name on screen.
      def self.title = name.split("::").last

      # Accepts raw content; raises Invalid with a sentence for the teacher.
      def self.build(content) = new(content)

      attr_reader :content

      def initialize(content)
        raise Invalid, "An activity must come as a set of named values." unless content.is_a?(Hash)
        @content = check(content)
      end

      # One shuffled layout. The same seed (an integer) gives the same deal.
      def deal(seed) = raise(NotImplementedError)

      # Whether a move (a hash from a browser) is right in the deal of this seed: true or false.
      # Raises Invalid for a move that is not possible.
      def right?(seed, move) = raise(NotImplementedError)

      # What a move is about, such as the tile that was moved: a value comparable with ==.
      def subject(move) = raise(NotImplementedError)

      # How many subjects have to be placed rightly before it is done.
      def size = raise(NotImplementedError)

      # A few words shown on its card in a lesson.
      def glimpse = []
    end
  end
end
