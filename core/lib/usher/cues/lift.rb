module Usher
  module Cues
    # Takes a cover off.
    class Lift < Cue
      def self.rank = 1
      def self.about?(item) = item.is_a?(Items::Cover)
      def self.title = "Lift"
      def self.icon = "eye"
      def self.waiting = { "off" => false }

      def set = { "off" => true }
    end
  end
end
