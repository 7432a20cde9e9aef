module Usher
  # Running the room.
  module Classroom
    autoload :Code, "usher/classroom/code"
  end
end
