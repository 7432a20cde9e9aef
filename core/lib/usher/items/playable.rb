module Usher
  module Items
    # What sounds and videos share: the store room's number of the file, its title and how long it is. Here
    # it is drawn at rest; the browser puts a player over it.
    class Playable < Item
      include Lettered

      def self.linked? = false

      attribute :asset, Types::Number.new(1..2**53, digits: 0)
      attribute :title, Types::Line.new(120), default: ""
      attribute :seconds, Types::Number.new(0..360_000), default: 0
      attribute :loop, Types::Flag.new, default: false
      # The part that is played, in seconds; until 0 it is all.
      attribute :from, Types::Number.new(0..360_000), default: 0
      attribute :until, Types::Number.new(0..360_000), default: 0

      def words = title

      def label = "#{super}: #{title.empty? ? 'no title' : title}"

      def hints = super.merge({ "asset" => asset, "plays" => self.class.kind, "title" => title, "seconds" => seconds, "loop" => (true if @values["loop"]), "from" => (from if from.positive?), "until" => (@values["until"] if @values["until"].positive?) }.compact)

      private

      def settle(values)
        raise Invalid, "A player plays itself; a link on it would have nothing to open." if values["link"]
        raise Invalid, "The part to play must end after it begins." if values["until"].positive? && values["until"] <= values["from"]
        super
      end

      def clock = format("%d:%02d", *seconds.round.divmod(60))

      # The sign that it plays, about a middle, of this radius.
      def sign(x, y, radius)
        Markup.tag("circle", cx: x, cy: y, r: radius, fill: Usher::Colour::VELVET, stroke: Usher::Colour::WHITE, "stroke-width": 4) +
          Markup.tag("path", d: "M#{Markup.number(x - radius * 0.3)} #{Markup.number(y - radius * 0.45)}V#{Markup.number(y + radius * 0.45)}L#{Markup.number(x + radius * 0.5)} #{Markup.number(y)}Z", fill: Usher::Colour::WHITE)
      end
    end
  end
end
