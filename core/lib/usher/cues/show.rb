module Usher
  module Cues
    # Brings a thing in, which until then only the teacher sees.
    class Show < Cue
      def self.rank = 3
      def self.about?(item) = !item.is_a?(Items::Cover)
      def self.title = "Bring in"
      def self.icon = "log-in"
      def self.waiting = { "audience" => "nobody" }

      def set = { "audience" => "both" }
    end
  end
end
