require "json"

# What decides, measures, checks and computes in Usher. Knows no Rails and no browser.
# Units throughout: page units (a page is 1600 x 900 unless imported otherwise), degrees clockwise, milliseconds where named `ms`.
module Usher
  autoload :Activities, "usher/activities"
  autoload :Classroom, "usher/classroom"
  autoload :Colour, "usher/colour"
  autoload :Formats, "usher/formats"
  autoload :Geometry, "usher/geometry"
  autoload :Ink, "usher/ink"
  autoload :Invalid, "usher/invalid"
  autoload :Items, "usher/items"
  autoload :Markup, "usher/markup"
  autoload :Page, "usher/page"
  autoload :Polls, "usher/polls"
  autoload :Preferences, "usher/preferences"
  autoload :Quantity, "usher/quantity"
  autoload :Registry, "usher/registry"
  autoload :Speech, "usher/speech"
  autoload :Symbols, "usher/symbols"
  autoload :Tables, "usher/tables"
  autoload :Takes, "usher/takes"
  autoload :Text, "usher/text"
  autoload :Tidy, "usher/tidy"
  autoload :Tiles, "usher/tiles"
  autoload :Types, "usher/types"
  autoload :Veil, "usher/veil"
end
