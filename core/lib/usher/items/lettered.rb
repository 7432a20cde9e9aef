module Usher
  module Items
    # Single lines of text that a kind writes on itself, cut to the room there is.
    module Lettered
      private

      def face(bold: true) = Usher::Text::Faces.fetch("read", bold: bold)

      # The text, or as much of it as fits into `room` page units at this size.
      def fit(text, room, size, bold: true)
        return text if face(bold: bold).width(text) * size <= room
        text = text[0...-1] while text.length > 1 && face(bold: bold).width("#{text}…") * size > room
        "#{text}…"
      end

      def write(x, y, text, size:, colour:, font: "read", bold: false)
        Markup.tag("text", { x: x, y: y, "font-family": Usher::Text::Faces.family(font), "font-size": size, "font-weight": (bold ? 700 : 400), fill: colour }, Markup.escape(text))
      end
    end
  end
end
