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
  end
end
