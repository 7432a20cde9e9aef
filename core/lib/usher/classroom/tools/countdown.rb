module Usher
  module Classroom
    module Tools
      # Counts down to zero. State: "seconds" it was set to, "ends" (when it will be over) or "left" while it stands,
      # "title".
      class Countdown < Tool
        LONGEST = 86_400
        PRESETS = [ 30, 60, 120, 180, 300, 600, 900, 1200, 1800, 2700 ].freeze
        MORE = [ 30, 60, 300 ].freeze
        WRONG = "A countdown takes from 1 second to 24 hours.".freeze
        TITLE = Types::Line.new(60)

        def self.icon = "timer"
        def self.rank = 1

        # "seconds", or "minutes" and "seconds" as they are typed.
        def self.begin(given, at:, seed: nil)
          seconds = length(given)
          { "seconds" => seconds, "ends" => at + seconds, "left" => nil, "title" => Invalid.about("The title") { TITLE.call(given["title"].to_s.strip) } }
        end

        def self.length(given)
          return number(given, "seconds", 1..LONGEST, WRONG, usual: 180) if given["minutes"].to_s.strip.empty?
          minutes = number(given, "minutes", 0..LONGEST / 60, WRONG, digits: 3)
          number({ "all" => minutes * 60 + number(given, "seconds", 0..59, "Seconds go from 0 to 59.", usual: 0) }, "all", 1..LONGEST, WRONG)
        end

        # Seconds that are left; 0 once it is over.
        def left(at) = state["ends"] ? [ state["ends"] - at, 0 ].max : state["left"]

        def running?(at) = !state["ends"].nil? && state["ends"] > at
        def over?(at) = left(at).zero?

        def do_pause(_given, at) = running?(at) ? with(ends: nil, left: left(at)) : state
        def do_go(_given, at) = state["ends"] ? state : with(ends: at + state["left"], left: nil)
        def do_again(_given, at) = with(ends: at + state["seconds"], left: nil)

        # More time, also after its end.
        def do_more(given, at)
          more = number(given, "seconds", 1..LONGEST, WRONG)
          longer = left(at) + more
          raise Invalid, WRONG if longer > LONGEST
          state["ends"] ? with(ends: at + longer) : with(left: longer)
        end

        def words(at) = [ state["title"], over?(at) ? "time is up" : clock(left(at)) ].reject(&:empty?).join(": ")

        private

        def clock(seconds) = format("%d:%02d", *seconds.ceil.divmod(60))
      end
    end
  end
end
