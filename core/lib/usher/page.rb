module Usher
  # One surface of a lesson: what lies on it, how it changes, how it is drawn.
  module Page
    SIZE = [ 1600, 900 ].freeze # what a page measures unless it was imported with a shape of its own
    LONGEST = 1600 # the longer side of any page
    MARGIN = 200 # from the page's edge, within which nothing is laid by itself
    STORYBOARD = { width: 320, across: 3 }.freeze # stills of a video: how wide each is, and how many stand in a row

    # The longer side of a page is the longer side of A4 (297 mm), which gives page units a real measure.
    MILLIMETRE = LONGEST / 297.0
    CENTIMETRE = 10 * MILLIMETRE

    autoload :Audience, "usher/page/audience"
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
    autoload :Spot, "usher/page/spot"
    autoload :Style, "usher/page/style"
    autoload :Ties, "usher/page/ties"
    autoload :Tracks, "usher/page/tracks"
    autoload :Units, "usher/page/units"
  end
end
