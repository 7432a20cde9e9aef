module Usher
  module Activities
    # One seeded shuffle of an activity's pieces. Each has a name by which moves speak of it. Names follow the
    # shuffle, so that nothing can be told from them. The same seed deals the same.
    class Deal
      attr_reader :pieces # { name => index of the piece in the content }, in the order they are dealt

      # order: the indices of all pieces as they were shuffled.
      def initialize(order)
        @pieces = order.each_with_index.to_h { |index, number| [ "p#{number + 1}", index ] }.freeze
        @names = @pieces.invert.freeze
      end

      # count pieces, shuffled by an integer; until the block (given the order) is content, in twenty tries at most.
      def self.shuffle(count, seed)
        random = Random.new(seed)
        orders = Array.new(20) { (0...count).to_a.shuffle(random: random) }
        new((block_given? && orders.find { |order| yield order }) || orders.first)
      end

      def name(index) = @names.fetch(index)
      def index(name) = @pieces.fetch(name)
      def names = @pieces.keys
    end
  end
end
