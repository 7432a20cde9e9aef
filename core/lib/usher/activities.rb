module Usher
  # Exercises that mark themselves. A kind (activities/kinds) says what its content must be, how it is dealt, what
  # answers it takes and which of them are right; how a participant answers (places, chooses, types) is in
  # activities/answering; when answers are marked, and what for, is the same for all kinds: Rules and Play.
  module Activities
    autoload :Answering, "usher/activities/answering"
    autoload :Bank, "usher/activities/bank"
    autoload :Deal, "usher/activities/deal"
    autoload :Face, "usher/activities/face"
    autoload :Forgiving, "usher/activities/forgiving"
    autoload :Found, "usher/activities/found"
    autoload :Kind, "usher/activities/kind"
    autoload :Kinds, "usher/activities/kinds"
    autoload :Paper, "usher/activities/paper"
    autoload :Pictured, "usher/activities/pictured"
    autoload :Play, "usher/activities/play"
    autoload :Recast, "usher/activities/recast"
    autoload :Rules, "usher/activities/rules"
    autoload :Setting, "usher/activities/setting"
    autoload :Table, "usher/activities/table"
    autoload :Score, "usher/activities/score"
    autoload :Seen, "usher/activities/seen"

    def self.registry
      @registry ||= Registry.new(Kinds, File.join(__dir__, "activities/kinds"), missing: "kind of activity")
    end
  end
end
