module Usher
  module Items
    # What items made of text share: words, a face, a size, and lines that the core breaks.
    class Written < Item
      MAX = 10_000

      attribute :text, Types::Line.new(MAX)
      attribute :size, Types::Number.new(8..400), default: 36
      attribute :font, Types::Choice.new("read", "title"), default: "read"
      attribute :bold, Types::Flag.new, default: false
      attribute :italic, Types::Flag.new, default: false
      attribute :colour, Types::Colour.new, default: Colour::INK
      attribute :align, Types::Choice.new("left", "middle", "right"), default: "left"

      def hints = @values.slice("text", "size", "font", "bold", "colour", "align")

      # Scaled evenly the letters grow with the box; pulled to one side the lines break anew.
      def scaled(across, down)
        return super unless (across / down - 1).abs < 0.01
        super.merge("size" => (size * across).clamp(8, 400))
      end

      def label = "#{super}: #{text[0, 80]}"

      private

      ANCHOR = { "left" => "start", "middle" => "middle", "right" => "end" }.freeze
      SHARE = { "left" => 0, "middle" => 0.5, "right" => 1 }.freeze

      def layout(values = @values, inset: 0)
        Usher::Text::Layout.new(values["text"], size: values["size"], width: values["width"] - 2 * inset,
          face: Usher::Text::Faces.fetch(values["font"], bold: values["bold"], italic: values["italic"]))
      end

      # The lines as one SVG text, `inset` page units in from every side.
      def write(inset: 0)
        broken = layout(inset: inset)
        across = inset + SHARE[align] * (width - 2 * inset)
        spans = broken.lines.each_with_index.map do |line, index|
          Markup.tag("tspan", { x: across, y: inset + broken.baseline(index) }, Markup.escape(line)) unless line.empty?
        end
        Markup.tag("text", { "font-family": Usher::Text::Faces.family(font), "font-size": size, "font-weight": (bold ? 700 : 400),
          "font-style": ("italic" if italic), fill: colour, "text-anchor": ANCHOR[align], "xml:space": "preserve" }, spans.join)
      end
    end
  end
end
