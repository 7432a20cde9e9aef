module Usher
  module Cues
    # Puts one of the class tools on the board, a countdown already running.
    class Start < Cue
      def self.rank = 61
      def self.item? = false
      def self.title = "Start a tool"
      def self.icon = "timer"
      def self.wants = { "tool" => Types::Choice.new("countdown", "stopwatch", "scores", "draw", "dice", "spinner", "lanes"), "minutes" => Types::Maybe.new(Types::Number.new(0.1..180, digits: 2)),
        "count" => Types::Maybe.new(Types::Number.new(Classroom::Tools::Lanes::COUNTS, digits: 0)), "questions" => Types::Maybe.new(Types::Line.new(1_000)) }
      def self.usual = { "tool" => "countdown" }

      def words(_thing = nil)
        { "countdown" => "Count down #{Markup.number(minutes)} min", "lanes" => "Split the page into #{lanes} lanes", "scores" => "Start the scores", "dice" => "Put up the dice" }.fetch(given["tool"], "Put up a #{given['tool']}")
      end

      def asks(_thing = nil)
        more = { "countdown" => { "seconds" => (minutes * 60).round }, "lanes" => { "count" => lanes, "questions" => given["questions"].to_s } }.fetch(given["tool"], {})
        { tool: { "kind" => given["tool"], **more } }
      end

      private

      def minutes = given["minutes"] || 3
      def lanes = (given["count"] || 2).to_i
    end
  end
end
