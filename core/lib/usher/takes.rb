module Usher
  # Recordings: events and voice on one clock.
  module Takes
    autoload :Reel, "usher/takes/reel"
    autoload :Trail, "usher/takes/trail"
    autoload :Rewind, "usher/takes/rewind"
  end
end
