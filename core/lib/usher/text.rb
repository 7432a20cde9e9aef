module Usher
  # Measuring text with the shipped fonts and breaking it into lines.
  module Text
    autoload :Face, "usher/text/face"
    autoload :Faces, "usher/text/faces"
    autoload :Layout, "usher/text/layout"
  end
end
