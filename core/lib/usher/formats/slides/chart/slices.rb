module Usher
  module Formats
    module Slides
      # Slices of a whole, clockwise from the top; of one that is deep, seen from above at an angle, with walls.
      class Chart::Slices
        FULL, DEEP, BROAD = 0.94, 0.85, 0.02 # of the room, and of one that is deep; of the whole, a slice that has words
        WORDS, BEYOND = 0.68, 1.2 # of the way from the middle; ems outside of it
        EDGE = Chart::Stroke.new(Colour::WHITE, 0.75) # between them, where nothing is said
        LEAN, THICK, DARKER = 10..80, 0.1, -0.35 # degrees from above; of the breadth; a wall than its slice

        def initialize(pen, _kind, categories, series, style)
          @pen, @categories, @one, @style = pen, categories, series[0], style
          @labelled = pen.as(@one.lettered)
          lean = @style.deep&.clamp(LEAN.begin, LEAN.end)&.*(Math::PI / 180)
          @lean, @thick = lean ? [ Math.sin(lean), THICK * Math.cos(lean) ] : [ 1.0, 0.0 ] # of its breadth: how high it is, and its walls
        end

        def draw(box)
          outside = @one.at == "outEnd" && (@one.labels || @one.named) ? 2 * BEYOND * @labelled.letters : 0
          side = [ [ box.width - 2 * outside, (box.height - outside) / (@lean + @thick) ].min, 1 ].max * (@thick.zero? ? FULL : DEEP) / (1 + (@one.apart || [ 0 ]).max)
          round = Geometry::Box.new(box.x + (box.width - side) / 2, box.y + (box.height - side * (@lean + @thick)) / 2, side, side * @lean, 0)
          slices = slices(round)
          slices.sort_by { |_, _, from, by| Math.sin((from + by / 2) * Math::PI / 180) }.each { |index, own, from, by| walls(own, index, from, by) } if @thick.positive?
          slices.each { |index, own, from, by| slice(own, index, from, by) unless by < 0.05 }
          slices.each { |index, own, from, by| words(own, index, by / 360, from + by / 2) if @one.label?(index) && by / 360 >= BROAD }
        end

        private

        # Of each its number, the box of the whole it would be part of, and from which angle by how much: [[0, Box, -90.0, 30.0], ...].
        def slices(round)
          values = @one.values.map { |value| [ value.to_f, 0 ].max }
          whole, from = [ values.sum, 0.0001 ].max, @style.turn - 90.0
          values.each_with_index.map do |value, index|
            by = value / whole * 360
            [ index, moved(round, index, from + by / 2), from, by ].tap { from += by }
          end
        end

        def moved(round, index, angle)
          far = (@one.apart ? @one.apart[index % @one.apart.size].to_f : 0) / 2
          Geometry::Box.new(round.x + round.width * far * Math.cos(angle * Math::PI / 180), round.y + round.height * far * Math.sin(angle * Math::PI / 180), round.width, round.height, 0)
        end

        def slice(round, index, from, by)
          outline = Outline.new
          outline.around([ 0.5, 0.5 ], 0.5, 0.5, from, by, begins: true)
          if @style.hole.positive? then outline.around([ 0.5, 0.5 ], @style.hole / 2, @style.hole / 2, from + by, -by)
          elsif by < 359.9 then outline.line([ 0.5, 0.5 ])
          end
          outline.close
          @pen.drawn(outline, round, @one.colour(index), edge: @one.edge || (EDGE if @thick.zero?))
        end

        # What is seen of a slice from the side: below the part of its edge that is in front.
        def walls(round, index, from, by)
          down = @thick / @lean
          [ -360, 0, 360 ].each do |turn|
            first, last = [ from, turn ].max, [ from + by, turn + 180 ].min
            next if last - first < 0.05
            outline = Outline.new
            outline.around([ 0.5, 0.5 ], 0.5, 0.5, first, last - first, begins: true)
            outline.around([ 0.5, 0.5 + down ], 0.5, 0.5, last, first - last)
            outline.close
            @pen.drawn(outline, round, Tints.shaded(@one.colour(index), DARKER))
          end
        end

        def words(round, index, share, angle)
          inside = round.width / 2 * (@style.hole.positive? ? (1 + @style.hole) / 2 : WORDS)
          far = @one.at == "outEnd" ? round.width / 2 + BEYOND * @labelled.letters : inside
          x, y = [ Math.cos(angle * Math::PI / 180), Math.sin(angle * Math::PI / 180) * @lean ].zip([ round.x + round.width / 2, round.y + round.height / 2 ]).map { |part, middle| middle + part * far }
          lines = [ (@categories[index] if @one.named), said(index, share) ].compact
          wide = [ *lines.map { |line| @labelled.width(line) }, 0 ].max + @labelled.letters
          lines.each_with_index { |line, row| @labelled.write(line, x - wide / 2, y + (row - lines.size / 2.0) * @labelled.letters * Chart::Pen::LINE, wide, @labelled.letters * Chart::Pen::LINE, align: "middle") }
        end

        def said(index, share) = { "share" => Chart::Numbers.say(share, "0%"), "value" => Chart::Numbers.say(@one.values[index], @style.format) }[@one.labels]
      end
    end
  end
end
