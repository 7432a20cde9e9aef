module Usher
  module Activities
    module Kinds
      # Tick what fits: a wall of pictures or words, some of which fit.
      #
      # Content and moves are those of ChooseAll, with one question.
      class Tick < ChooseAll
        QUESTIONS = 1..1
        OPTIONS = 2..40
        RIGHT = 0..40

        def self.title = "Tick what fits"
        def self.purpose = "A wall of pictures or words: tick those that fit."
        def self.listed = nil # its one question is the whole of it
        def self.text = "What fits?"
        def self.columns = [ "Thing", "Fits: yes or no" ]
        def self.plain = [ 1 ]

        def self.from_form(table:, settings: {}, text: nil, **)
          right, wrong = Table.read(table).partition { |_, fits| Table.text(fits).match?(TrueFalse::TRUE) }
          { "questions" => [ { "ask" => text.to_s, "right" => right.map(&:first), "wrong" => wrong.map(&:first) } ] }
        end

        def to_text = content["questions"].first["ask"]["text"]
        def to_table = content["questions"].first.then { |question| question["right"].map { |face| [ face, "yes" ] } + question["wrong"].map { |face| [ face, "no" ] } }

        private

        def check_counts(number, ask, right, wrong)
          raise Invalid, "Tick at least one thing that fits." if right.empty?
          super
        end
      end
    end
  end
end
