module Usher
  module Cues
    # Turns to another page than the next one.
    class Turn < Cue
      def self.rank = 62
      def self.item? = false
      def self.title = "Turn to a page"
      def self.icon = "chevron-right"
      def self.wants = { "page" => Types::Number.new(1..2**53, digits: 0) }

      def words(_thing = nil) = "Turn to another page"
      def asks(_thing = nil) = { turn: { "page" => given["page"].to_i } }
    end
  end
end
