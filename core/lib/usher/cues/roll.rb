module Usher
  module Cues
    # Turns a flash card over, rolls a die, spins a spinner.
    class Roll < Cue
      def self.rank = 5
      def self.about?(item) = item.is_a?(Items::Faced)
      def self.title = "Roll or turn"
      def self.icon = "refresh-cw"

      def words(thing) = "#{{ 'die' => 'Roll the die', 'spinner' => 'Spin the spinner' }.fetch(thing&.class&.kind, 'Turn over')} #{named(thing)}".sub(/ (the die|the spinner) \1/, ' \1')
      def operation = { "verb" => "roll", "ids" => [ item ] }
    end
  end
end
