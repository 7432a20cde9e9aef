module Usher
  module Items
    # What says more than it shows, as cards, players and framed pages do: where any of it lies under a cover, devices
    # get its frame alone, without words, addresses and pictures. Prepended by such kinds.
    module Curtained
      include Redacted

      def hidden_by(covers) = covers.any? { |cover| cover.box.meets?(box) } ? [ [ 0, 1 ] ] : []

      def draw = redacted? ? curtain : super
      def label = redacted? ? "#{self.class.kind.tr('_', ' ').capitalize}, partly covered" : super
      def words = redacted? ? "" : super
      def picture = redacted? ? nil : super

      # No more than what every thing tells the browser.
      def hints = redacted? ? Item.instance_method(:hints).bind_call(self) : super

      private

      def curtain = respond_to?(:frame, true) ? frame : Markup.tag("rect", width: width, height: height, rx: 18, fill: Colour::LINEN, stroke: Colour::EDGE, "stroke-width": 3)
    end
  end
end
