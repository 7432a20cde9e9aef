module Usher
  module Items
    # A sticky note.
    class Note < Card
      def self.inset = 24
      def self.laid = { width: 340, height: 220 }

      attribute :size, Types::Number.new(8..400), default: 30

      def draw = Markup.tag("rect", width: width, height: height, rx: 14, fill: card) + write

      def label = "Sticky note: #{open_text[0, 80]}"
    end
  end
end
