module Usher
  # Recordings of lessons: a film of the log, and the pointer's trail.
  module Takes
    autoload :Film, "usher/takes/film"
    autoload :Reel, "usher/takes/reel"
    autoload :Trail, "usher/takes/trail"
  end
end
