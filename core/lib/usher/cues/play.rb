module Usher
  module Cues
    # Plays a sound or a video from its beginning.
    class Play < Cue
      def self.rank = 6
      def self.about?(item) = item.is_a?(Items::Playable)
      def self.icon = "play"

      def asks(_thing) = { play: { "item" => item } }
    end
  end
end
