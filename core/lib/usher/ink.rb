module Usher
  # Strokes: what a pen leaves behind.
  module Ink
    # The widths a pen can have, in page units.
    STROKE_WIDTHS = 0.1..200

    # Drawings of strokes count in twentieths of a page unit: whole numbers are short and quick to
    # write, and a twentieth is finer than any screen shows.
    FINE = 20
    TRANSFORM = "scale(.05)".freeze

    autoload :Capsule, "usher/ink/capsule"
    autoload :Curve, "usher/ink/curve"
    autoload :Eraser, "usher/ink/eraser"
    autoload :Nib, "usher/ink/nib"
    autoload :Outline, "usher/ink/outline"
    autoload :Points, "usher/ink/points"
    autoload :Run, "usher/ink/run"
    autoload :Side, "usher/ink/side"
    autoload :StraightEdge, "usher/ink/straight_edge"
    autoload :Turns, "usher/ink/turns"
  end
end
