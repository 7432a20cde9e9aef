module Usher
  module Classroom
    module Tools
      # Points of teams. State: "teams" ({ "id", "name", "colour", "points" }), "step", "history" ([team id, points], the
      # latest last).
      class Scores < Tool
        MOST = 12
        HISTORY = 500
        LIMIT = 1_000_000
        COLOURS = %w[#1e6079 #b3411d #1d7758 #9a6a0c #6d1f42 #4b5a8f #7a6a2f #8a4f7d #2f7f86 #a0522d #56683a #62555a].freeze
        NAME = Types::Line.new(30, blank: false)
        TOO_LONG = "A team's name has 1 to 30 characters.".freeze

        def self.icon = "trophy"
        def self.rank = 3

        # "teams": how many, or "names": a list of them.
        def self.begin(given, at: nil, seed: nil)
          names = Names.read(given["names"].to_s)
          names = (1..number(given, "teams", 1..MOST, "There are 1 to #{MOST} teams.", usual: 2)).map { |number| "Team #{number}" } if names.empty?
          raise Invalid, "There are at most #{MOST} teams." if names.size > MOST
          { "teams" => names.each_with_index.map { |name, index| team(index, name) }, "step" => 1, "history" => [] }
        end

        def self.team(index, name) = { "id" => "t#{index}", "name" => named(name), "colour" => COLOURS[index % COLOURS.size], "points" => 0 }

        def self.named(name)
          NAME.call(name.to_s.gsub(/[[:space:]]+/, " ").strip)
        rescue Invalid
          raise Invalid, TOO_LONG
        end

        def teams = state["teams"]

        # The ids of those with the most points, none while nobody has any.
        def leading
          most = teams.map { |team| team["points"] }.max
          teams.all? { |team| team["points"] == most } ? [] : teams.select { |team| team["points"] == most }.map { |team| team["id"] }
        end

        # "by": points, more or less; without it one step.
        def do_add(given, _at = nil)
          by = number(given, "by", -LIMIT..LIMIT, "Points go from -#{LIMIT} to #{LIMIT}.", usual: state["step"], digits: 2)
          changed(given["team"]) { |team| team.merge("points" => points(team["points"] + by)) }.merge("history" => (state["history"] + [ [ given["team"], plain(by) ] ]).last(HISTORY))
        end

        def do_undo(_given, _at = nil)
          id, by = state["history"].last
          return state unless id
          rest = with(history: state["history"][0..-2])
          rest.merge("teams" => teams.map { |team| team["id"] == id ? team.merge("points" => plain(team["points"] - by)) : team })
        end

        def do_rename(given, _at = nil) = changed(given["team"]) { |team| team.merge("name" => self.class.named(given["name"])) }

        def do_paint(given, _at = nil)
          raise Invalid, "Choose one of the colours." unless COLOURS.include?(given["colour"])
          changed(given["team"]) { |team| team.merge("colour" => given["colour"]) }
        end

        def do_step(given, _at = nil) = with(step: plain(number(given, "step", 0.1..1000, "A step goes from 0.1 to 1000.", digits: 2)))

        def do_join(given, _at = nil)
          raise Invalid, "There are at most #{MOST} teams." if teams.size >= MOST
          free = (0..MOST * 2).find { |index| teams.none? { |team| team["id"] == "t#{index}" } }
          with(teams: teams + [ self.class.team(free, given["name"].to_s.strip.empty? ? "Team #{teams.size + 1}" : given["name"]) ])
        end

        def do_leave(given, _at = nil)
          raise Invalid, "One team stays." if teams.one?
          there(given["team"])
          with(teams: teams.reject { |team| team["id"] == given["team"] }, history: state["history"].reject { |id, _| id == given["team"] })
        end

        def do_again(_given, _at = nil) = with(teams: teams.map { |team| team.merge("points" => 0) }, history: [])

        def words(_at = nil) = teams.map { |team| "#{team['name']} #{Markup.number(team['points'])}" }.join(" · ")

        private

        def there(id) = teams.find { |team| team["id"] == id } || raise(Invalid, "That team is not here any more.")

        def changed(id)
          there(id)
          with(teams: teams.map { |team| team["id"] == id ? yield(team) : team })
        end

        def points(value)
          raise Invalid, "A team has at most #{LIMIT} points." if value.abs > LIMIT
          plain(value)
        end

        # 3 rather than 3.0
        def plain(value) = value.to_f.round(2).then { |rounded| rounded == rounded.to_i ? rounded.to_i : rounded }
      end
    end
  end
end
