module Usher
  module Classroom
    module Tools
      # Counts up, with laps. State: "began" (when it was started) or nil while it stands, "kept" seconds of before,
      # "laps" as seconds from its beginning.
      class Stopwatch < Tool
        LAPS = 200

        def self.icon = "watch"
        def self.rank = 2

        def self.begin(_given, at:, seed: nil) = { "began" => at, "kept" => 0, "laps" => [] }

        def passed(at) = state["kept"] + (state["began"] ? [ at - state["began"], 0 ].max : 0)
        def running?(_at) = !state["began"].nil?

        # The laps by themselves: seconds each took.
        def laps = state["laps"].each_with_index.map { |till, index| till - (index.zero? ? 0 : state["laps"][index - 1]) }

        def do_pause(_given, at) = with(began: nil, kept: passed(at))
        def do_go(_given, at) = state["began"] ? state : with(began: at)
        def do_again(_given, at) = with(began: (at if state["began"]), kept: 0, laps: [])

        def do_lap(_given, at)
          raise Invalid, "A stopwatch keeps #{LAPS} laps." if state["laps"].size >= LAPS
          with(laps: state["laps"] + [ passed(at).round(2) ])
        end

        def words(at) = format("%d:%02d", *passed(at).floor.divmod(60))
      end
    end
  end
end
