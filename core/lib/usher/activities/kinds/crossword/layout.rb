module Usher
  module Activities
    module Kinds
      class Crossword
        # Words laid out so that each crosses another, as close together as can be found: they are put down one after
        # another, longest first and then in shuffled orders, each where it crosses most; the best of many tries is taken.
        # The same words lie the same always.
        class Layout
          # index: of the word; number: as it is printed; squares: "column-row" from its first letter on.
          Entry = Struct.new(:index, :number, :across, :squares)

          TRIES = 60
          ENOUGH = 12 # tries after one with all words and many crossings

          # words: lists of letters; seed: an integer.
          def self.of(words, seed = 1) = (@known ||= {})[[ words, seed ]] ||= new(words, seed).tap { @known.shift if @known.size > 50 }

          attr_reader :entries, :left, :width, :height

          def initialize(words, seed)
            @words = words
            @best = best(Random.new(seed))
            number
          end

          # { square => letter }
          attr_reader :squares

          # How many squares belong to two words, and the share of the box that has a letter.
          def crossings = @best.crossings
          def filled = squares.size / (width * height).to_f

          # One try.
          class Board
            attr_reader :placed, :crossings

            def initialize(words)
              @words, @grid, @placed, @crossings = words, {}, {}, 0
              @across, @down = {}, {} # squares that a word lies through in that direction
              @box = [ 0, 0, 0, 0 ]
            end

            # Puts the words of these numbers down, as many as can be.
            def fill(order, random)
              put(order.first, 0, 0, true)
              waiting = order.drop(1)
              loop do
                before = waiting.size
                waiting = waiting.reject { |index| (spot = best_spot(index, random)) && put(index, *spot) }
                return self if waiting.empty? || waiting.size == before
              end
            end

            def box = @box
            def area = (@box[2] - @box[0] + 1) * (@box[3] - @box[1] + 1)
            def grid = @grid

            private

            # Where a word crosses most; of those where the box grows least.
            def best_spot(index, random)
              spots(@words[index]).max_by { |crossings, x, y, across| [ crossings, -grown(x, y, across, @words[index].size), random.rand ] }&.drop(1)
            end

            def spots(word)
              by_letter = @grid.group_by(&:last)
              found = {}
              word.each_with_index do |letter, at|
                (by_letter[letter] || []).each do |(x, y), _|
                  [ true, false ].each do |across|
                    sx, sy = across ? [ x - at, y ] : [ x, y - at ]
                    next if found.key?([ sx, sy, across ])
                    found[[ sx, sy, across ]] = fits(word, sx, sy, across)
                  end
                end
              end
              found.filter_map { |(x, y, across), crossings| [ crossings, x, y, across ] if crossings }
            end

            # How often the word would cross others there; nil where it would touch or overlie one.
            def fits(word, x, y, across)
              dx, dy = across ? [ 1, 0 ] : [ 0, 1 ]
              return if @grid[[ x - dx, y - dy ]] || @grid[[ x + dx * word.size, y + dy * word.size ]]
              crossings = 0
              word.each_with_index do |letter, at|
                square = [ x + dx * at, y + dy * at ]
                held = @grid[square]
                if held
                  return if held != letter || (across ? @across : @down).key?(square)
                  crossings += 1
                elsif @grid[[ square[0] + dy, square[1] + dx ]] || @grid[[ square[0] - dy, square[1] - dx ]]
                  return
                end
              end
              crossings if crossings.positive?
            end

            def put(index, x, y, across)
              dx, dy = across ? [ 1, 0 ] : [ 0, 1 ]
              @words[index].each_with_index do |letter, at|
                square = [ x + dx * at, y + dy * at ]
                @crossings += 1 if @grid.key?(square)
                @grid[square] = letter
                (across ? @across : @down)[square] = true
              end
              @box = grow(x, y, across, @words[index].size)
              @placed[index] = [ x, y, across ]
              true
            end

            def grow(x, y, across, length)
              right, bottom = across ? [ x + length - 1, y ] : [ x, y + length - 1 ]
              [ [ @box[0], x ].min, [ @box[1], y ].min, [ @box[2], right ].max, [ @box[3], bottom ].max ]
            end

            # The box is best near to a square.
            def grown(x, y, across, length)
              left, top, right, bottom = grow(x, y, across, length)
              (right - left + 1) * (bottom - top + 1) + ((right - left) - (bottom - top)).abs
            end
          end

          private

          def best(random)
            longest = @words.each_index.sort_by { |index| -@words[index].size }
            best, whole = nil, 0
            TRIES.times do |try|
              order = try.zero? ? longest : longest.sort_by { |index| -@words[index].size * (0.6 + 0.8 * random.rand) }
              board = Board.new(@words).fill(order, random)
              best = board if best.nil? || (rank(board) <=> rank(best)) == 1
              whole += 1 if board.placed.size == @words.size
              break if whole >= ENOUGH
            end
            best
          end

          def rank(board) = [ board.placed.size, board.crossings * 4 - Math.sqrt(board.area) ]

          # Reads the board from its upper left corner.
          def number
            left, top, right, bottom = @best.box
            @width, @height = right - left + 1, bottom - top + 1
            @squares = @best.grid.sort_by { |(x, y), _| [ y, x ] }.to_h { |(x, y), letter| [ "#{x - left}-#{y - top}", letter ] }
            @left = @words.each_index.to_a - @best.placed.keys
            starts = @best.placed.values.map { |x, y, _| [ y - top, x - left ] }.uniq.sort.each_with_index.to_h { |start, index| [ start, index + 1 ] }
            @entries = @best.placed.map { |index, (x, y, across)| entry(index, x - left, y - top, across, starts) }.sort_by { |entry| [ entry.number, entry.across ? 0 : 1 ] }
          end

          def entry(index, x, y, across, starts)
            dx, dy = across ? [ 1, 0 ] : [ 0, 1 ]
            Entry.new(index, starts[[ y, x ]], across, Array.new(@words[index].size) { |at| "#{x + dx * at}-#{y + dy * at}" })
          end
        end
      end
    end
  end
end
