module Usher
  module Cues
    # Shines the spotlight on a thing: everything else is dark until Next.
    class Light < Cue
      MARGIN = 1.15 # how much larger than the thing it is

      def self.rank = 9
      def self.about?(_item) = true
      def self.title = "Spotlight on"
      def self.icon = "lamp"

      def asks(thing)
        box = thing.box.bounds
        { light: { "at" => box.centre.map(&:round), "size" => [ box.width, box.height ].map { |side| (side * MARGIN / 2).round.clamp(60, 8_000) }, "round" => false } }
      end
    end
  end
end
