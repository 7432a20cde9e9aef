module Usher
  module Formats
    module Slides
      # The kind of list (Text::Layout::SIGNS) for the sign that a slide puts before an entry.
      module Signs
        KNOWN = {
          "discs" => "●⬤", "dashes" => "-‐‑‒–—−", "squares" => "▪▫◾", "blocks" => "■◼", "boxes" => "□❑❒▢", "rings" => "○◦◯❍", "arrows" => "→⇒⇨➔➜➡", "angles" => "»›>", "ticks" => "✓✔☑", "heads" => "➢➤", "wedges" => "►▶▸‣",
          "diamonds" => "❖", "lozenges" => "◆♦⬥"
        }.freeze
        # What faces draw for a letter of which PictureFaces knows nothing, by parts of their names.
        DRAWN = {
          /wingdings 2/i => { "discs" => "\u0095\u0096\u0097\u0098", "squares" => "\u009E\u009F\u00A0", "blocks" => "¡¢£", "ticks" => "P" },
          /wingdings 3/i => { "wedges" => "u}\u0084", "arrows" => "\"&¨g" },
          /starsymbol|opensymbol|monotype sorts/i => { "wedges" => "}" }
        }.freeze
        ALIKE, LIKE, OTHER = /starsymbol|opensymbol|monotype sorts/i, "Wingdings".freeze, "StarSymbol".freeze # some draw as another does, and one is meant where none is said
        PRIVATE = 0xF000..0xF0FF # where such faces keep them

        module_function

        # sign: as the slide says it, nil where it says none; face: the name of its font, or nil. A ring may be a small "o".
        def of(sign, face = nil)
          char = sign.to_s.strip[0] or return "bullets"
          own = PRIVATE.cover?(char.ord)
          char = (char.ord - PRIVATE.first).chr(Encoding::UTF_8) if own
          name = own && !PictureFaces.known?(face) && DRAWN.none? { |pattern, _| face.to_s.match?(pattern) } ? OTHER : face.to_s
          kind(DRAWN.find { |pattern, _| name.match?(pattern) }&.last || {}, char) || kind(KNOWN, PictureFaces.read(char, name.match?(ALIKE) ? LIKE : name)) || (char == "o" ? "rings" : "bullets")
        end

        # Whether a face by this name has letters as others do, and not signs in their places.
        def lettered?(name) = !(PictureFaces.known?(name) || name.to_s.match?(ALIKE) || DRAWN.any? { |pattern, _| name.to_s.match?(pattern) })

        def kind(signs, char) = signs.find { |_, chars| chars.include?(char) }&.first
        private_class_method :kind
      end
    end
  end
end
