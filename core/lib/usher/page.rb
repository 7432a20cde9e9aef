module Usher
  # One surface of a lesson: what lies on it, how it changes, how it is drawn.
  module Page
    SIZE = [ 1600, 900 ].freeze

    # A page is printed as wide as A4 lies (297 mm), which gives page units a real measure.
    MILLIMETRE = 1600 / 297.0
    CENTIMETRE = 10 * MILLIMETRE

    autoload :Difference, "usher/page/difference"
    autoload :Drawing, "usher/page/drawing"
    autoload :Guides, "usher/page/guides"
    autoload :Link, "usher/page/link"
    autoload :Marks, "usher/page/marks"
    autoload :Memory, "usher/page/memory"
    autoload :Operation, "usher/page/operation"
    autoload :Operations, "usher/page/operations"
    autoload :Outcome, "usher/page/outcome"
    autoload :Overlay, "usher/page/overlay"
    autoload :Layouts, "usher/page/layouts"
    autoload :Paper, "usher/page/paper"
    autoload :Papers, "usher/page/papers"
    autoload :Placed, "usher/page/placed"
    autoload :Scale, "usher/page/scale"
    autoload :Style, "usher/page/style"
    autoload :Ties, "usher/page/ties"
    autoload :Tracks, "usher/page/tracks"
    autoload :Units, "usher/page/units"
  end
end
