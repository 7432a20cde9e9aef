module Usher
  module Cues
    # Stops a sound or a video, and puts its player away.
    class Stop < Cue
      def self.rank = 7
      def self.about?(item) = item.is_a?(Items::Playable)
      def self.icon = "square"

      def asks(_thing) = { play: {} }
    end
  end
end
