module Usher
  module Cues
    # Asks the class a question about the page as it stands. "lines" are the choices, the things to be put in order, or
    # the two ends of a scale.
    class Poll < Cue
      def self.rank = 60
      def self.item? = false
      def self.title = "Ask a poll"
      def self.icon = "chart-column"

      def self.wants
        { "letters" => Types::Number.new(Polls::Kinds::Letters::COUNT, digits: 0), "kind" => Types::Choice.new(*Polls.registry.names),
          "question" => Types::Maybe.new(Types::Line.new(200)), "lines" => Types::Maybe.new(Types::Line.new(1_200)) }
      end

      def self.usual = { "letters" => 4, "kind" => "letters" }

      def kind = given["kind"]

      def words(_thing = nil)
        question = given["question"].to_s.strip
        return "Ask: #{question.length > 60 ? "#{question[0, 59]}…" : question}" unless question.empty?
        kind == "letters" ? "Ask the class: A to #{Polls::Kinds::Letters::ALL[given['letters'].to_i - 1]}" : "Ask the class: #{Polls.registry.fetch(kind).title.downcase}"
      end

      def broken?(_things) = !problem.nil?

      # What it still wants to know, in a sentence; nil where it can be asked.
      def problem
        Polls.registry.fetch(kind).read(asked)
        nil
      rescue Invalid => error
        error.message
      end

      def asks(_thing = nil) = { poll: { "kind" => kind, "given" => asked, "question" => given["question"].to_s } }

      private

      # As a form would have it.
      def asked
        lines = given["lines"].to_s
        { "letters" => { "count" => given["letters"] }, "choices" => { "choices" => lines }, "order" => { "things" => lines }, "scale" => %w[low high].zip(lines.split("\n")).to_h }.fetch(kind, {})
      end
    end
  end
end
