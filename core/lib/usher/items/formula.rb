module Usher
  module Items
    # A fraction, a power, a root or a simple formula, written in AsciiMath and set by Formats::Maths.
    # It stays what was written, so that it can be edited again; its box follows from it.
    class Formula < Item
      include Redacted

      def self.even? = true

      MAX = 400

      attribute :source, Types::Line.new(MAX, blank: false)
      attribute :size, Types::Number.new(8..400), default: 60
      attribute :colour, Types::Colour.new, default: Colour::INK
      attribute :width, Types::Number.new(0..20_000), default: 0
      attribute :height, Types::Number.new(0..20_000), default: 0

      def draw
        set = Formats::Maths.set(source)
        ground = Markup.tag("rect", width: width, height: height, fill: "none", "pointer-events": "all")
        ground + Markup.tag("g", { transform: "scale(#{(size / 1000.0).round(5)}) translate(#{Markup.number(-set.left)} #{Markup.number(-set.top)})", fill: colour, stroke: colour, "stroke-width": 0 }, redacted? ? set.without { |index| hidden?(index) } : set.drawing)
      end

      def words = redacted? ? "" : source

      def label = redacted? ? "Formula, partly covered" : "Formula: #{source}"

      def filled(colour) = { "colour" => colour }

      def hints = redacted? ? super : super.merge("formula" => source, "size" => size)

      # The signs that lie under these covers, in the order in which they are drawn.
      def hidden_by(covers)
        set = Formats::Maths.set(source)
        under(covers, set.signs.each_with_index.map { |(across, down), index| [ index, (across - set.left) * size / 1000.0, (down - set.top) * size / 1000.0 ] })
      end

      def scaled(across, down) = { "size" => (size * Math.sqrt(across * down)).clamp(8, 400), "width" => width * Math.sqrt(across * down), "height" => height * Math.sqrt(across * down) }

      private

      def shown_number = source

      def settle(values)
        super
        set = Formats::Maths.set(values["source"])
        values.merge("width" => (set.width * values["size"] / 1000.0).round(2), "height" => (set.height * values["size"] / 1000.0).round(2))
      end
    end
  end
end
