module Usher
  module Items
    # A straight line with a head at its second end, or at both.
    class Arrow < Segment
      include Heads
      prepend Clipped

      attribute :heads, Types::Choice.new("end", "both"), default: "end"

      def draw
        from, to = tips
        start, from = heads == "both" ? head(to, from) : [ "", from ]
        finish, to = head(from, to)
        Markup.tag("g", { opacity: faint }, stroke_between(from, to, opacity: nil) + start + finish)
      end

      private

      # Where each head points: [[from, tip], ...].
      def headed = heads == "both" ? [ tips, tips.reverse ] : [ tips ]
    end
  end
end
