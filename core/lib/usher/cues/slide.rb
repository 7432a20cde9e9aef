module Usher
  module Cues
    # Moves a thing along its track to a place, given as a share of the track.
    class Slide < Cue
      def self.rank = 5
      def self.about?(item) = !item.track.nil? && item.track["kind"] == "path"
      def self.title = "Move"
      def self.icon = "spline"
      def self.wants = { "to" => Types::Number.new(0..1, digits: 3) }
      def self.usual = { "to" => 1 }

      def words(thing) = "Move #{named(thing)} #{given['to'] == 1 ? 'to the end of its track' : "to #{(given['to'] * 100).round} % of its track"}"
      def set = { "along" => given["to"] }
    end
  end
end
