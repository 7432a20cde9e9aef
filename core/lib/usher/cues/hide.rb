module Usher
  module Cues
    # Takes a thing away from the class; its teacher still sees it in Prepare.
    class Hide < Cue
      def self.rank = 4
      def self.about?(item) = !item.is_a?(Items::Cover)
      def self.title = "Take away"
      def self.icon = "log-out"

      def set = { "audience" => "nobody" }
    end
  end
end
