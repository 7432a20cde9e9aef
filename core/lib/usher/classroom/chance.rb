require "digest"

module Usher
  module Classroom
    # Chance that can be checked by anybody. A seed and the number of the turn give a row of whole numbers of 64 bits:
    # the first 16 hexadecimal digits of SHA-256 of "seed/turn/0", "seed/turn/1" and so on (FIPS 180-4). Before a draw
    # the fingerprint of its seed can be shown, afterwards the seed itself.
    class Chance
      SEED = /\A[0-9a-f]{16}\z/
      RANGE = 2**64

      # A seed nobody knows.
      def self.seed(random = Random) = random.bytes(8).unpack1("H*")

      # What is shown of a seed before it is told: 12 hexadecimal digits.
      def self.fingerprint(seed) = Digest::SHA256.hexdigest(seed)[0, 12]

      # seed: 16 hexadecimal digits; turn: a whole number, another one for each draw.
      def initialize(seed, turn)
        raise Invalid, "A seed is 16 hexadecimal digits." unless seed.is_a?(String) && seed.match?(SEED)
        @row, @count = "#{seed}/#{turn}/", -1
      end

      # A whole number from 0 to below - 1, each as likely: what would favour the smaller ones is thrown away.
      def below(limit)
        most = RANGE - RANGE % limit
        loop { take.then { |number| return number % limit if number < most } }
      end

      def pick(list) = list[below(list.size)]

      # The list in another order (Fisher and Yates).
      def shuffle(list)
        list = list.dup
        (list.size - 1).downto(1) { |last| below(last + 1).then { |other| list[last], list[other] = list[other], list[last] } }
        list
      end

      # The place of one of these whole weights, as likely as it is heavy.
      def weighted(weights)
        at = below(weights.sum)
        weights.index { |weight| (at -= weight).negative? }
      end

      private

      def take = Digest::SHA256.hexdigest("#{@row}#{@count += 1}")[0, 16].hex
    end
  end
end
