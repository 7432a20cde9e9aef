module Usher
  # Exercises that mark themselves. A new kind is a new file in activities/: its content rules, its
  # deal, its verdicts and its score (see Activities::Kind).
  module Activities
    autoload :Kind, "usher/activities/kind"
    autoload :Play, "usher/activities/play"

    def self.registry
      @registry ||= Registry.new(Activities, File.join(__dir__, "activities"), missing: "kind of activity", except: %w[kind play])
    end
  end
end
