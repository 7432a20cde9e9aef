module Usher
  # Running the room.
  module Classroom
    autoload :Cards, "usher/classroom/cards"
    autoload :Chance, "usher/classroom/chance"
    autoload :Code, "usher/classroom/code"
    autoload :Drawn, "usher/classroom/drawn"
    autoload :Grouping, "usher/classroom/grouping"
    autoload :Names, "usher/classroom/names"
    autoload :Pace, "usher/classroom/pace"
    autoload :Rights, "usher/classroom/rights"
    autoload :Roster, "usher/classroom/roster"
    autoload :Tool, "usher/classroom/tool"
    autoload :Tools, "usher/classroom/tools"
  end
end
