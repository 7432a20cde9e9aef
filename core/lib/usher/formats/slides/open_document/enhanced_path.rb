module Usher
  module Formats
    module Slides
      # The path of a form in OpenDocument (ISO/IEC 26300-1, 19.145), as an Outline in the units of its view box.
      class OpenDocument::EnhancedPath
        WORD = /[?$]\w+|-?\d*\.?\d+(?:e[+-]?\d+)?|[a-z]+|[A-Z]/
        TAKES = { "M" => 2, "L" => 2, "C" => 6, "Q" => 4, "X" => 2, "Y" => 2, "T" => 6, "U" => 6, "A" => 8, "B" => 8, "W" => 8, "V" => 8, "G" => 4, "Z" => 0, "N" => 0, "F" => 0, "S" => 0, "H" => 0, "I" => 0, "J" => 0, "K" => 0 }.freeze
        SHADES = { "H" => -0.4, "I" => -0.2, "J" => 0.4, "K" => 0.2 }.freeze # how much darker or lighter, which files say beyond the standard
        OTHER = { "X" => "Y", "Y" => "X" }.freeze # quadrants in a row leave along x and y by turns
        MOST = 5_000 # commands

        # data: the path; equations: what its words stand for.
        def initialize(data, equations)
          @words, @equations = data.scan(WORD), equations
        end

        def outline
          @outline, @turned = Outline.new, false
          command = nil
          MOST.times do
            break if @words.empty?
            command = @words.shift if TAKES.key?(@words.first)
            count = TAKES[command] or break
            given = @words.shift(count).map { |word| @equations[word] }
            break if given.size < count
            draw(command, given)
            command = count.zero? ? nil : OTHER.fetch(command, command)
          end
          @outline
        end

        private

        def draw(command, given)
          case command
          when "M" then @outline.move(given)
          when "L" then @outline.line(given)
          when "C", "Q" then @outline.curve(*given.each_slice(2))
          when "X", "Y" then quadrant(command, given)
          when "T", "U" then @outline.around(given[0, 2], *given[2, 2], given[4], turn(given[4], given[5]), begins: command == "U")
          when "A", "B", "W", "V" then through(command, given)
          when "G" then @outline.arc(*given)
          when "Z" then @outline.close
          when "F" then @outline.paint(fill: false)
          when "S" then @outline.paint(stroke: false)
          when "N" then @outline.apart
          when *SHADES.keys then @outline.paint(shade: SHADES[command])
          end
        end

        def turn(from, to) = (to - from).then { |by| by.abs >= 360 ? 360 : by % 360 }

        # A quarter of an ellipse, which leaves along x or along y.
        def quadrant(command, to)
          x, y = @outline.at
          along = command == "X"
          handles = along ? [ [ x + (to[0] - x) * Outline::KAPPA, y ], [ to[0], to[1] - (to[1] - y) * Outline::KAPPA ] ] : [ [ x, y + (to[1] - y) * Outline::KAPPA ], [ to[0] - (to[0] - x) * Outline::KAPPA, to[1] ] ]
          @outline.curve(*handles, to)
        end

        # Along the ellipse in a box, from the direction of one place to that of another.
        def through(command, (x1, y1, x2, y2, *ends))
          middle, radii = [ (x1 + x2) / 2, (y1 + y2) / 2 ], [ (x2 - x1).abs / 2, (y2 - y1).abs / 2 ]
          from, to = ends.each_slice(2).map { |x, y| Math.atan2((y - middle[1]) / nonzero(radii[1]), (x - middle[0]) / nonzero(radii[0])) * 180 / Math::PI }
          by = (to - from) % 360
          by -= 360 if %w[A B].include?(command) # against the clock
          by = 360 if by.zero?
          @outline.around(middle, *radii, from, by, begins: %w[B V].include?(command))
        end

        def nonzero(number) = number.zero? ? 1.0 : number
      end
    end
  end
end
