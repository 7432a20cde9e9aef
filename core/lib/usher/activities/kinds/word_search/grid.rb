module Usher
  module Activities
    module Kinds
      class WordSearch
        # Words hidden in a square of letters: each stands there exactly once, in no direction a second time, and nothing
        # rude comes about. The same seed makes the same grid.
        class Grid
          ALWAYS = File.readlines(File.join(__dir__, "rude.txt"), chomp: true).reject { |line| line.empty? || line.start_with?("#") }.map { |word| word.upcase.grapheme_clusters }.freeze
          ALL = [ -1, 0, 1 ].product([ -1, 0, 1 ]).reject { |step| step == [ 0, 0 ] }.freeze
          ROUNDS = 60 # of trying other letters
          LARGEST = 40 # squares to a side

          attr_reader :size, :places # for each word its squares, "column-row" from its first letter on

          # words: lists of letters; directions: [[1, 0], ...]; avoid: lists of letters.
          def initialize(words, directions, seed, avoid: [])
            @words, @directions = words, directions
            given = words.flat_map { |word| [ word.join, word.join.reverse ] }
            @avoid = (avoid + ALWAYS).reject { |word| given.any? { |text| text.include?(word.join) } } # a shell has to be found
            @random = Random.new(seed)
            @size = [ words.map(&:size).max, Math.sqrt(words.sum(&:size) * 1.9).ceil ].max
            lay until @letters
          end

          # The letters, row by row.
          def rows = Array.new(size) { |row| Array.new(size) { |column| @letters[[ column, row ]] } }

          # Nothing is carried, so there are no pieces.
          def names = []
          def pieces = {}

          # The squares from one to another, where they lie in a line; else nil.
          def line(from, to)
            (ax, ay), (bx, by) = [ from, to ].map { |square| read(square) || (return nil) }
            dx, dy = bx - ax, by - ay
            return unless dx.zero? || dy.zero? || dx.abs == dy.abs
            length = [ dx.abs, dy.abs ].max
            Array.new(length + 1) { |at| "#{ax + (dx <=> 0) * at}-#{ay + (dy <=> 0) * at}" }
          end

          # The number of the word that lies between these squares, from whichever end.
          def word_at(from, to) = places.index { |place| [ [ from, to ], [ to, from ] ].include?(place.values_at(0, -1)) }

          # How often a list of letters stands in the grid, in all directions.
          def count(word) = hits(word).size

          private

          def read(square)
            found = /\A(\d{1,2})-(\d{1,2})\z/.match(square.is_a?(String) ? square : "") or return
            place = found.captures.map(&:to_i)
            place if place.all? { |number| number < size }
          end

          # Puts all words down and fills the rest; in a larger grid where that fails.
          def lay
            @letters, @places = {}, []
            done = @words.each_index.sort_by { |index| -@words[index].size }.all? { |index| put(index) } && fill
            return if done
            @letters = nil
            @size += 1
            raise Invalid, "These words cannot be hidden so that each stands there once. Change one of them." if @size > LARGEST
          end

          def put(index)
            word = @words[index]
            spots = (0...size).to_a.product((0...size).to_a, @directions).shuffle(random: @random)
            x, y, (dx, dy) = spots.find { |x, y, (dx, dy)| free?(word, x, y, dx, dy) }
            return false unless x
            squares = word.each_index.map { |at| [ x + dx * at, y + dy * at ] }
            squares.zip(word) { |square, letter| @letters[square] = letter }
            @places[index] = squares.map { |square| square.join("-") }
            true
          end

          def free?(word, x, y, dx, dy)
            ends = [ x + dx * (word.size - 1), y + dy * (word.size - 1) ]
            return false unless ends.all? { |number| number.between?(0, size - 1) }
            word.each_with_index.all? { |letter, at| [ nil, letter ].include?(@letters[[ x + dx * at, y + dy * at ]]) }
          end

          # Letters of the words themselves fill what is free; where they make a word, others are tried.
          def fill
            letters = @words.flatten
            empty = (0...size).to_a.product((0...size).to_a).reject { |square| @letters.key?(square) }
            fixed = @letters.keys
            empty.each { |square| @letters[square] = letters.sample(random: @random) }
            ROUNDS.times do
              wrong = surplus
              return true if wrong.empty?
              wrong.each do |squares|
                square = (squares - fixed).sample(random: @random) or return false # the words themselves make it
                @letters[square] = letters.sample(random: @random)
              end
            end
            false
          end

          # The squares of every word that stands there a second time, and of everything rude.
          def surplus
            second = @words.each_with_index.flat_map { |word, index| hits(word).reject { |squares| same_place?(squares, index) } }
            second + @avoid.flat_map { |word| hits(word) }
          end

          def same_place?(squares, index)
            place = squares.map { |square| square.join("-") }
            place == @places[index] || (place.reverse == @places[index] && @words[index] == @words[index].reverse)
          end

          def hits(word)
            starts(word.first).flat_map do |x, y|
              ALL.filter_map do |dx, dy|
                squares = Array.new(word.size) { |at| [ x + dx * at, y + dy * at ] }
                squares if squares.each_with_index.all? { |square, at| @letters[square] == word[at] }
              end
            end
          end

          def starts(letter) = @letters.filter_map { |square, held| square if held == letter }
        end
      end
    end
  end
end
