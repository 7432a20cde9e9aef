module Usher
  # The house colours that items use when nothing else was chosen.
  module Colour
    INK = "#231a1e"
    VELVET = "#9a3a61"
    TIDE = "#1e6079"
    LEAF = "#1d7758"
    BRASS = "#e0a83a"
    PALE_BRASS = "#f7dfa6"
    RUST = "#b3411d"
    SOFT = "#62555a"
    WHITE = "#ffffff"
    RULE = "#c9d8de"
    PALE_VELVET = "#f5e3ea"
    LINEN = "#fdfaf4"
    EDGE = "#d6c6aa"

    # Whether white reads better on it than ink: by relative luminance, as WCAG 2 defines it.
    def self.dark?(colour)
      parts = colour.scan(/\h\h/).map { |part| part.hex / 255.0 }.map { |part| part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055)**2.4 }
      parts.zip([ 0.2126, 0.7152, 0.0722 ]).sum { |part, weight| part * weight } < 0.18
    end
  end
end
