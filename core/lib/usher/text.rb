module Usher
  # Text on a page: faces that measure it, and the lines it is broken into.
  module Text
    autoload :Face, "usher/text/face"
    autoload :Faces, "usher/text/faces"
    autoload :Flow, "usher/text/flow"
    autoload :Inline, "usher/text/inline"
    autoload :Layout, "usher/text/layout"
    autoload :ListKind, "usher/text/list_kind"
    autoload :Marks, "usher/text/marks"
    autoload :Square, "usher/text/square"
  end
end
