module Usher
  module Activities
    module Answering
      # Pieces are put in a line: each place has room for one, and a piece that comes between others moves them
      # along, as far as the next free place.
      class Lining < Placing
        # lines: lists of the names of places that stand in a row.
        def initialize(pieces, lines)
          super(pieces, lines.flatten.to_h { |place| [ place, 1 ] })
          @lines = lines
        end

        private

        def settle(answers, piece, place, other, fixed)
          line = @lines.find { |places| places.include?(place) }
          held = answers.except(piece).invert
          free = free_place(line, held, line.index(place), fixed)
          return super unless free
          along = free > line.index(place) ? 1 : -1
          from = line.index(place)
          moved = (free - from).abs.times.map { |step| from + step * along }.to_h { |index| [ held[line[index]], line[index + along] ] }
          answers.except(piece).merge(moved, piece => place)
        end

        # The index of the nearest free place with nothing fixed between, later ones first.
        def free_place(line, held, from, fixed)
          return if fixed.include?(line[from])
          [ (from + 1...line.size), (0...from).to_a.reverse ].each do |indices|
            found = indices.take_while { |index| !fixed.include?(line[index]) }.find { |index| !held.key?(line[index]) }
            return found if found
          end
          nil
        end
      end
    end
  end
end
