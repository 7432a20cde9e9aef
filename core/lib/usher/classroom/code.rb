require "securerandom"

module Usher
  module Classroom
    # The code that lets a class in: three letters and three digits, none of which looks like another
    # (no I, L, O, Q, S, Z, no B beside 8 or G beside 6, no vowels that spell words; no 0, 1, 2, 5).
    module Code
      LETTERS = %w[C D F H J K M N P R T V W X Y].freeze
      DIGITS = %w[3 4 6 7 8 9].freeze

      module_function

      # A new code, such as "RTX483". random: anything with rand(n), SecureRandom by default.
      def draw(random = SecureRandom)
        [ LETTERS, DIGITS ].flat_map { |set| Array.new(3) { set[random.random_number(set.size)] } }.join
      end

      # What somebody typed, made comparable: spaces and dashes away, capitals. nil when it cannot be a code.
      def read(typed)
        code = typed.to_s[0, 40].upcase.gsub(/[^A-Z0-9]/, "")
        code if code.match?(/\A[#{LETTERS.join}]{3}[#{DIGITS.join}]{3}\z/)
      end

      # A student's own code, the other way round, such as "384KTW".
      def personal(random = SecureRandom) = draw(random).then { |code| code[3, 3] + code[0, 3] }

      # What somebody typed as their own code; nil when it cannot be one.
      def read_personal(typed)
        code = typed.to_s[0, 40].upcase.gsub(/[^A-Z0-9]/, "")
        code if code.match?(/\A[#{DIGITS.join}]{3}[#{LETTERS.join}]{3}\z/)
      end

      # In two groups, easier to read from the back row: "RTX 483".
      def show(code) = "#{code[0, 3]} #{code[3, 3]}"
    end
  end
end
