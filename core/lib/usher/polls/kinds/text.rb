module Usher
  module Polls
    module Kinds
      # A short text of one's own.
      class Text < Kind
        LONGEST = 300
        WORDS = %w[moon sun wind tide harbour boats salt deep cold rope].freeze # of simulated students
        SHORT = Types::Line.new(LONGEST)

        def self.title = "Short text"
        def self.rank = 7
        def self.icon = "text-cursor-input"

        def shown_as = "texts"

        def guess(random, off) = WORDS.sample(off ? 5 : 2, random: random).join(" ")

        def accept(answer)
          text = Invalid.about("Your answer") { SHORT.call(answer) }.strip
          raise Invalid, "Type an answer first." if text.empty?
          text
        end
      end
    end
  end
end
