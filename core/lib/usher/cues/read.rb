module Usher
  module Cues
    # Reads aloud what a thing says.
    class Read < Cue
      def self.rank = 8
      def self.about?(item) = !item.words.to_s.strip.empty? && !item.is_a?(Items::Playable) && !item.is_a?(Items::Cover)
      def self.title = "Read aloud"
      def self.icon = "volume-2"
      def self.wants = { "language" => Speech::LANGUAGE }
      def self.usual = { "language" => "en-gb" }

      def words(thing) = "Read #{named(thing)} aloud"
      def asks(_thing) = { read: { "item" => item, "language" => given["language"] } }
    end
  end
end
