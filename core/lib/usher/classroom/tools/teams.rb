module Usher
  module Classroom
    module Tools
      # Fair teams of a size, or a number of them, from a list of names. State: "names", "count", "apart", "together"
      # (lists of names), "seed", "turn" (how often they were dealt), "teams" (lists of names), "at", "secret".
      class Teams < Tool
        include Drawn

        LISTS = 60

        def self.icon = "users"
        def self.rank = 5

        # "by": "size" or "count", with "number"; "apart", "together": a list a line, its names with commas.
        def self.begin(given, seed:, at:)
          names = Names.read(given["names"].to_s)
          raise Invalid, "Type the names first, one a line." if names.size < 2
          new({ "names" => names, "count" => count(given, names), "apart" => lists(given["apart"]), "together" => lists(given["together"]), "seed" => seed, "turn" => 0, "secret" => flag(given["secret"]) }).do_draw({}, at)
        end

        def self.count(given, names)
          return number(given, "number", 1..names.size, "There are 1 to #{names.size} teams for #{names.size} names.", usual: 2) if given["by"] == "count"
          size = number(given, "number", 1..1000, "A team has at least one in it.", usual: 4)
          raise Invalid, "A team of #{size} is larger than the class (#{names.size})." if size > names.size
          (names.size / size.to_f).ceil
        end

        def self.lists(typed)
          lists = Types::Line.new(8_000).call(typed.to_s).split("\n").map { |line| Names.read(line) }.reject(&:empty?)
          raise Invalid, "At most #{LISTS} lines there." if lists.size > LISTS
          alone = lists.find(&:one?) and raise Invalid, "“#{alone.first}” stands alone in its line. Type two names or more, with commas."
          lists
        end

        def teams = state["teams"]

        def do_draw(_given, at)
          grouping = Grouping.new(state["names"], count: state["count"], chance: Chance.new(seed, state["turn"]), apart: state["apart"], together: state["together"])
          with(teams: grouping.teams, turn: state["turn"] + 1, at: at)
        end

        def words(_at) = "#{teams.size} teams"
      end
    end
  end
end
