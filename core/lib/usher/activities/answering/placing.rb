module Usher
  module Activities
    module Answering
      # Pieces are brought to places. Answers: { piece => place }, in the order they were placed.
      # Move: { "piece" => name, "place" => name, or nil to take it back }.
      class Placing
        attr_reader :places

        # pieces: names; places: { name => how many pieces it has room for (nil: any number) }.
        def initialize(pieces, places)
          @pieces, @places = pieces, places
        end

        def accept(answers, move, fixed = [])
          piece, place = read(move)
          return answers.except(piece) if place.nil?
          return answers if answers[piece] == place
          room = @places[place]
          there = held(answers, place)
          return answers.except(piece).merge(piece => place) if room.nil? || there.size < room
          settle(answers, piece, place, there.last, fixed)
        end

        def moves_to(answers) = answers.map { |piece, place| { "piece" => piece, "place" => place } }

        # The pieces at a place.
        def held(answers, place) = answers.filter_map { |piece, at| piece if at == place }

        private

        # A piece comes to a place that is full: the one there goes where this one was.
        def settle(answers, piece, place, other, _fixed)
          was = answers[piece]
          answers.except(piece, other).merge({ other => was }.compact, piece => place)
        end

        def read(move)
          raise Invalid, "A move names a piece and a place." unless move.is_a?(Hash) && move.key?("piece")
          piece, place = move.values_at("piece", "place")
          raise Invalid, "That piece is not in this activity." unless @pieces.include?(piece)
          raise Invalid, "That place is not in this activity." unless place.nil? || @places.key?(place)
          [ piece, place ]
        end
      end
    end
  end
end
