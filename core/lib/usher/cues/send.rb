module Usher
  module Cues
    # Sends an activity on the page to the devices.
    class Send < Cue
      def self.rank = 10
      def self.about?(item) = item.is_a?(Items::Activity)
      def self.icon = "send"

      def words(thing) = "Send #{named(thing)} to the devices"
      def asks(thing) = { sending: { "activity" => thing.activity } }
    end
  end
end
