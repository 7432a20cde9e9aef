module Usher
  module Classroom
    module Tools
      # A handful of dice. State: "faces" (of each side of a die: words, or { "picture" => number }), "count", "own" (whether the faces are the
      # teacher's), "seed", "rolls" (places of each roll), "at", "secret".
      class Dice < Tool
        include Drawn

        MOST = 12
        SIDES = (2..100)
        FACE = Types::Line.new(40)

        def self.icon = "dices"
        def self.rank = 6

        # "sides" for numbers from 1; or "faces", a list of words, and "pictures", numbers of the store room.
        def self.begin(given, seed:, at: nil)
          count = number(given, "count", 1..MOST, "There are 1 to #{MOST} dice.", usual: 1)
          own = faces(given["faces"]) + pictures(given["pictures"])
          raise Invalid, "A die has #{SIDES.begin} to #{SIDES.end} faces." unless own.empty? || SIDES.cover?(own.size)
          sides = own.empty? ? number(given, "sides", SIDES, "A die has #{SIDES.begin} to #{SIDES.end} sides.", usual: 6) : own.size
          { "faces" => own.empty? ? (1..sides).map(&:to_s) : own, "own" => own.any?, "count" => count, "seed" => seed, "rolls" => [], "at" => nil, "secret" => flag(given["secret"]) }
        end

        def self.faces(typed)
          faces = Types::Line.new(SIDES.end * 42).call(typed.to_s).split(/\n/).map(&:strip)
          faces.pop while faces.last == ""
          raise Invalid, "Face #{faces.index('') + 1} is empty." if faces.include?("")
          faces.map { |face| Invalid.about("“#{face[0, 20]}…”") { FACE.call(face) } }
        end

        def self.pictures(given) = Array(given).first(SIDES.end).map { |number| { "picture" => number(({ "n" => number }), "n", 1..2**53, "That is no picture.") } }

        # The numbers of the pictures on its faces.
        def pictures = state["faces"].grep(Hash).map { |face| face["picture"] }

        # What is on top, one a die; nil before the first roll.
        def result = state["rolls"].last&.map { |place| state["faces"][place] }

        # Their sum, where all of them are numbers.
        def sum
          numbers = result&.map { |face| face.is_a?(String) ? Float(face.tr(",", "."), exception: false) : nil }
          numbers.sum if numbers && numbers.size > 1 && numbers.none?(&:nil?)
        end

        def do_draw(_given, at)
          chance = Chance.new(state["seed"], state["turns"].to_i)
          with(rolls: (state["rolls"] + [ Array.new(state["count"]) { chance.below(state["faces"].size) } ]).last(KEPT), turns: state["turns"].to_i + 1, at: at)
        end

        def do_count(given, _at) = with(count: number(given, "count", 1..MOST, "There are 1 to #{MOST} dice."), rolls: [], at: nil)

        def words(_at) = result ? "Dice: #{result.map { |face| face.is_a?(String) ? face : 'a picture' }.join(', ')}" : "Dice"
      end
    end
  end
end
