module Usher
  module Formats
    # Faces that have signs where others have letters, as office programs use them: what their letters stand for in Unicode, so
    # that the signs are words that can be searched, read aloud and drawn in any face. Symbol is encoded as the PostScript Language
    # Reference (third edition, E.11) has it; of the others there are the signs that come up in lessons.
    module PictureFaces
      PRIVATE = 0xF000 # where files keep letters of such a face besides

      # By letter, without a gap, from each of these on.
      SYMBOL = {
        "!" => "!∀#∃%&∋()∗+,−./0123456789:;<=>?≅ΑΒΧΔΕΦΓΗΙϑΚΛΜΝΟΠΘΡΣΤΥςΩΞΨΖ[∴]⊥_‾αβχδεφγηιϕκλμνοπθρστυϖωξψζ{|}∼",
        "\u00A1" => "ϒ′≤⁄∞ƒ♣♦♥♠↔←↑→↓°±″≥×∝∂•÷≠≡≈…|—↵ℵℑℜ℘⊗⊕∅∩∪⊃⊇⊄⊂⊆∈∉∠∇®©™∏√⋅¬∧∨⇔⇐⇑⇒⇓◊⟨®©™∑⎛⎜⎝⎡⎢⎣⎧⎨⎩⎪",
        "\u00F1" => "⟩∫⌠⎮⌡⎞⎟⎠⎤⎥⎦⎫⎬⎭"
      }.freeze
      WINGDINGS = {
        "\"" => "✂", "(" => "☎✆✉", "6" => "⌛⌨", "?" => "✍", "A" => "✌", "E" => "☜☞☝☟", "J" => "☺", "L" => "☹", "N" => "☠⚐", "Q" => "✈☼", "T" => "❄", "V" => "✞", "X" => "✠✡☪☯ॐ☸♈♉♊♋♌♍♎♏♐♑♒♓", "l" => "●❍■□", "q" => "❑❒◆◆◆❖⬥⌧",
        "z" => "⌘❀✿❝❞", "\u0080" => "⓪①②③④⑤⑥⑦⑧⑨⑩⓿❶❷❸❹❺❻❼❽❾❿", "\u009E" => "·•▪○", "\u00A4" => "◉◎", "\u00A7" => "▪□", "\u00AA" => "✦★✶✴✹✵", "\u00B5" => "✪✰", "\u00D8" => "➢", "\u00DF" => "←→↑↓↖↗↙↘", "\u00E8" => "➔", "\u00EF" => "⇦⇨⇧⇩", "\u00FB" => "✗✔☒☑"
      }.freeze
      WEBDINGS = { "3" => "◀▶▲▼", "Y" => "♥", "a" => "✔", "c" => "□", "g" => "■", "i" => "ℹ", "n" => "●", "r" => "✖" }.freeze
      TABLES = { /\Asymbol\b/i => SYMBOL, /\Awingdings\z/i => WINGDINGS, /\Awebdings\z/i => WEBDINGS }
        .transform_values { |rows| rows.flat_map { |from, signs| signs.chars.each_with_index.map { |sign, index| [ (from.ord + index).chr(Encoding::UTF_8), sign ] } }.to_h.freeze }.freeze

      module_function

      # Whether the letters of a face are signs. name: of the face, or nil.
      def known?(name) = TABLES.any? { |pattern, _| name.to_s.match?(pattern) }

      # Words as they are meant. name: of the face they are in; pictures: of that for signs, which may be another. Letters that
      # stand for nothing known stay as they are.
      def read(text, name, pictures = name)
        own, other = [ name, pictures ].map { |face| TABLES.find { |pattern, _| face.to_s.match?(pattern) }&.last }
        return text unless own || other
        text.gsub(/[\u{F020}-\u{F0FF}]/) { |char| (char.ord - PRIVATE).chr(Encoding::UTF_8).then { |letter| (other || own).fetch(letter, letter == " " ? " " : char) } }
          .then { |words| own ? words.gsub(/[!-\u00FF]/) { |letter| own.fetch(letter, letter) } : words }
      end
    end
  end
end
