module Usher
  module Activities
    # One go at an activity: a deal and the moves made so far. Marks each move; a misplaced thing
    # goes back, a placed one stays.
    class Play
      MAX_MOVES = 2_000

      # activity: a Kind; seed: integer; moves: hashes in the order they were made.
      def initialize(activity, seed, moves = [])
        @activity, @seed = activity, seed
        @placed, @missed = {}, Hash.new(0)
        @moves = 0
        moves.each { |move| make(move) }
      end

      # Takes one more move: true when right, false when not. Raises Invalid for an impossible move
      # or for moving what is placed already.
      def make(move)
        raise Invalid, "That is more moves than one go allows. Start again." if @moves >= MAX_MOVES
        subject = @activity.subject(move)
        raise Invalid, "That one is in its place already." if @placed.key?(subject)
        @moves += 1
        right = @activity.right?(@seed, move)
        right ? @placed[subject] = move : @missed[subject] += 1
        right
      end

      # { subject => the move that placed it }, in the order they were placed.
      attr_reader :placed

      def deal = @activity.deal(@seed)
      def size = @activity.size
      def done? = @placed.size == size
      def misses = @missed.values.sum

      # How many were right at the first go: the score, out of `size`.
      def score = (@placed.keys - @missed.keys).size
    end
  end
end
