module Usher
  module Formats
    module Slides
      # The kind of list (Text::Layout::SIGNS) for the sign that a slide puts before an entry.
      module Signs
        KNOWN = {
          "dashes" => "-‐‑‒–—−", "squares" => "■□▪▫◼◾❑", "rings" => "○◦◯", "arrows" => "→⇒»›>➔➜➡", "ticks" => "✓✔☑", "heads" => "➢➤", "wedges" => "►▶▸‣", "diamonds" => "❖◆♦"
        }.freeze
        # What faces that hold only pictures draw for a letter.
        DRAWN = { "squares" => "§nqu", "arrows" => "àð", "ticks" => "ü", "heads" => "Ø", "wedges" => "}", "diamonds" => "v" }.freeze
        PICTURES = /wingdings|webdings|starsymbol|opensymbol|monotype sorts/i
        PRIVATE = 0xF000..0xF0FF # where such faces keep them

        module_function

        # sign: as the slide says it, nil where it says none; face: the name of its font, or nil. A ring may be a small "o".
        def of(sign, face = nil)
          char = sign.to_s.strip[0] or return "bullets"
          own = PRIVATE.cover?(char.ord)
          char = (char.ord - PRIVATE.first).chr(Encoding::UTF_8) if own
          drawn = DRAWN.find { |_, chars| chars.include?(char) }&.first if own || face.to_s.match?(PICTURES)
          drawn || KNOWN.find { |_, chars| chars.include?(char) }&.first || (char == "o" ? "rings" : "bullets")
        end
      end
    end
  end
end
