module Usher
  module Formats
    module Slides
      # The kind of list (Text::Layout::SIGNS) for the sign that a slide puts before an entry.
      module Signs
        KNOWN = {
          "discs" => "●⬤", "dashes" => "-‐‑‒–—−", "squares" => "▪▫◾", "blocks" => "■◼", "boxes" => "□❑❒▢", "rings" => "○◦◯❍", "arrows" => "→⇒➔➜➡", "angles" => "»›>", "ticks" => "✓✔☑", "heads" => "➢➤", "wedges" => "►▶▸‣",
          "diamonds" => "❖", "lozenges" => "◆♦⬥"
        }.freeze
        # What faces that hold only pictures draw for a letter, by parts of their names, the first that fits.
        DRAWN = {
          /wingdings 2/ => { "discs" => "\u0095\u0096\u0097\u0098", "squares" => "\u009E\u009F\u00A0", "blocks" => "¡¢£", "ticks" => "P" },
          /wingdings 3/ => { "wedges" => "u}\u0084", "arrows" => "\"&¨g" },
          /webdings/ => { "discs" => "n", "blocks" => "g", "boxes" => "c", "ticks" => "a", "wedges" => "4" },
          /wingdings|starsymbol|opensymbol|monotype sorts/ => { "discs" => "l", "squares" => "§", "blocks" => "n", "boxes" => "oqr¨", "rings" => "m¡", "arrows" => "àð", "ticks" => "ü", "heads" => "Ø", "wedges" => "}", "diamonds" => "v", "lozenges" => "stuw" }
        }.freeze
        PRIVATE = 0xF000..0xF0FF # where such faces keep them

        module_function

        # sign: as the slide says it, nil where it says none; face: the name of its font, or nil. A ring may be a small "o".
        def of(sign, face = nil)
          char = sign.to_s.strip[0] or return "bullets"
          own = PRIVATE.cover?(char.ord)
          char = (char.ord - PRIVATE.first).chr(Encoding::UTF_8) if own
          drawn(char, own, face.to_s.downcase) || KNOWN.find { |_, chars| chars.include?(char) }&.first || (char == "o" ? "rings" : "bullets")
        end

        # own: whether it is one of theirs whatever the face is called.
        def drawn(char, own, face)
          signs = DRAWN.find { |name, _| face.match?(name) }&.last || (DRAWN.values.last if own)
          signs&.find { |_, chars| chars.include?(char) }&.first
        end
      end
    end
  end
end
