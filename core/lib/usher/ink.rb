module Usher
  # Strokes: what a pen leaves behind.
  module Ink
    autoload :Curve, "usher/ink/curve"
    autoload :Outline, "usher/ink/outline"
  end
end
