module Usher
  module Classroom
    module Tools
      # Draws a number from a range, or a name from a list. Without repeats nobody comes twice until all had a turn.
      # State: "from" ("numbers" or "names"), "low", "high", "names", "repeat", "seed", "drawn" (places in the pool, in
      # order; the turn of each is its place in the list), "round" (how many of the last ones belong to this round),
      # "at" (when the last was drawn), "secret" (whether devices learn it once it rests).
      class Draw < Tool
        include Drawn

        WIDEST = 10_000
        NEW = "That needs at least two to draw from.".freeze

        def self.icon = "hand-helping"
        def self.rank = 4

        def self.begin(given, seed:, at: nil)
          names = Names.read(given["names"].to_s)
          from = given["from"].to_s == "numbers" || (given["from"].nil? && names.empty?) ? "numbers" : "names"
          low, high = [ [ "low", 1 ], [ "high", 6 ] ].map { |name, usual| number(given, name, -1_000_000..1_000_000, "A number goes from -1,000,000 to 1,000,000.", usual: usual) }
          raise Invalid, names.empty? ? "Type the names first, one a line." : NEW if from == "names" && names.size < 2
          raise Invalid, "The greater number comes second, and there are at most #{WIDEST} of them." if from == "numbers" && !(high - low).between?(1, WIDEST - 1)
          { "from" => from, "low" => low, "high" => high, "names" => from == "names" ? names : [], "repeat" => flag(given["repeat"]), "secret" => flag(given["secret"]), "seed" => seed, "drawn" => [], "round" => 0, "at" => nil }
        end

        # How many there are to draw from; who is left in this round.
        def size = state["from"] == "names" ? state["names"].size : state["high"] - state["low"] + 1
        def left = state["repeat"] ? size : size - state["round"]

        # What a place in the pool is.
        def at_place(place) = state["from"] == "names" ? state["names"][place] : (state["low"] + place).to_s

        # What was drawn last, nil before the first; and everything, in order.
        def result = state["drawn"].last&.then { |place| at_place(place) }
        def drawn = state["drawn"].map { |place| at_place(place) }

        def do_draw(_given, at)
          raise Invalid, "A draw keeps #{KEPT} results. Begin it anew." if state["drawn"].size >= KEPT
          round = state["round"] >= size ? 0 : state["round"]
          gone = state["repeat"] ? [] : state["drawn"].last(round)
          free = (0...size).to_a - gone
          place = Chance.new(state["seed"], state["drawn"].size).pick(free)
          with(drawn: state["drawn"] + [ place ], round: state["repeat"] ? 0 : round + 1, at: at)
        end

        # Nobody has had a turn; with another seed.
        def do_again(_given, _at) = with(drawn: [], round: 0, at: nil, seed: Digest::SHA256.hexdigest(state["seed"])[0, 16])

        def words(_at) = result ? "Drawn: #{result}" : "Draw"
      end
    end
  end
end
