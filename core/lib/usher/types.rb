module Usher
  # Checks for values that come from outside. Each answers `call(value)` with the accepted,
  # normalised value, or raises Invalid with a sentence's tail ("must be ..."), to which the
  # caller puts the name of what was wrong.
  module Types
    autoload :Address, "usher/types/address"
    autoload :Choice, "usher/types/choice"
    autoload :Colour, "usher/types/colour"
    autoload :Flag, "usher/types/flag"
    autoload :Id, "usher/types/id"
    autoload :Line, "usher/types/line"
    autoload :List, "usher/types/list"
    autoload :Maybe, "usher/types/maybe"
    autoload :Number, "usher/types/number"
    autoload :Points, "usher/types/points"
    autoload :Record, "usher/types/record"
  end
end
