module Usher
  module Cues
    # Puts a cover back.
    class Lower < Cue
      def self.rank = 2
      def self.about?(item) = item.is_a?(Items::Cover)
      def self.title = "Put back"
      def self.icon = "eye-off"

      def set = { "off" => false }
    end
  end
end
