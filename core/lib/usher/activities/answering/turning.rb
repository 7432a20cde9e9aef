module Usher
  module Activities
    module Answering
      # Cards lie face down and two are turned over at a time. Those that belong together are taken by the team whose turn
      # it is, which goes on; else they are turned back with the next card, and the next team goes on.
      # Answers: { "up" => [names], "taken" => { name => team }, "team" => 0, "turns" => 0 }. Move: { "turn" => name }.
      class Turning
        # cards: names; teams: how many take turns; the block says whether two cards belong together.
        def initialize(cards, teams, &pair)
          @cards, @teams, @pair = cards, teams, pair
        end

        def start = { "up" => [], "taken" => {}, "team" => 0, "turns" => 0 }

        def accept(answers, move, _fixed = [])
          card = move["turn"] if move.is_a?(Hash)
          raise Invalid, "That card is not in this activity." unless @cards.include?(card)
          up, taken = answers.values_at("up", "taken")
          raise Invalid, "That card has been turned over." if taken.key?(card) || (up.size == 1 && up.include?(card))
          up = [] if up.size == 2
          up.empty? ? answers.merge("up" => [ card ]) : second(answers, up.first, card)
        end

        # Every pair, one card after the other.
        def moves_to(_answers)
          rest, moves = @cards.dup, []
          while (first = rest.shift)
            mate = rest.find { |card| @pair.call(first, card) } or next
            rest.delete(mate)
            moves.push({ "turn" => first }, { "turn" => mate })
          end
          moves
        end

        private

        def second(answers, first, card)
          team, turns = answers["team"], answers["turns"] + 1
          return answers.merge("up" => [], "taken" => answers["taken"].merge(first => team, card => team), "turns" => turns) if @pair.call(first, card)
          answers.merge("up" => [ first, card ], "team" => (team + 1) % @teams, "turns" => turns)
        end
      end
    end
  end
end
