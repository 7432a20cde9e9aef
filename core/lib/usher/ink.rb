module Usher
  # Strokes: what a pen leaves behind.
  module Ink
    # The widths a pen can have, in page units.
    BREADTHS = 0.1..200

    autoload :Curve, "usher/ink/curve"
    autoload :Outline, "usher/ink/outline"
  end
end
