module Usher
  module Classroom
    module Tools
      # A wheel with fields, each as likely as it is wide. State: "fields" ([{ "text", "weight" }]), "seed", "spins"
      # (places), "at", "secret".
      class Spinner < Tool
        include Drawn

        FIELDS = (2..24)
        WEIGHT = /\A(.*?)\s*[*x×]\s*(\d{1,3})\z/ # "Boats x 3"
        TEXT = Types::Line.new(40, blank: false)

        def self.icon = "loader-pinwheel"
        def self.rank = 7

        # "fields": a list of words, one a line, each with its weight behind an x if it is not 1.
        def self.begin(given, seed:, at: nil)
          typed = given["fields"].to_s.strip.empty? ? (1..6).map(&:to_s) : Types::Line.new(2_000).call(given["fields"].to_s).split(/\n/).map(&:strip)
          typed.pop while typed.last == ""
          raise Invalid, "Field #{typed.index('') + 1} is empty." if typed.include?("")
          raise Invalid, "A spinner has #{FIELDS.begin} to #{FIELDS.end} fields." unless FIELDS.cover?(typed.size)
          { "fields" => typed.map { |line| field(line) }, "seed" => seed, "spins" => [], "at" => nil, "secret" => flag(given["secret"]) }
        end

        def self.field(line)
          text, weight = line.match(WEIGHT)&.captures || [ line, "1" ]
          raise Invalid, "A weight goes from 1 to 100." unless weight.to_i.between?(1, 100)
          { "text" => Invalid.about("“#{text[0, 20]}…”") { TEXT.call(text) }, "weight" => weight.to_i }
        end

        def fields = state["fields"]
        def weights = fields.map { |field| field["weight"] }
        def result = state["spins"].last&.then { |place| fields[place]["text"] }

        # From where to where each field goes, in degrees clockwise from the top.
        def arcs
          from = 0.0
          weights.map { |weight| [ from, from += weight * 360.0 / weights.sum ] }
        end

        # How far it was turned, in degrees, when the middle of the field that won lies at the top; whole turns included.
        def turned
          return 0 unless state["spins"].any?
          360 * 4 * state["turns"].to_i - arcs[state["spins"].last].sum / 2
        end

        def do_draw(_given, at)
          place = Chance.new(state["seed"], state["turns"].to_i).weighted(weights)
          with(spins: (state["spins"] + [ place ]).last(KEPT), turns: state["turns"].to_i + 1, at: at)
        end

        def words(_at) = result ? "Spinner: #{result}" : "Spinner"
      end
    end
  end
end
