module Usher
  module Formats
    module Slides
      # Slices of a whole, clockwise from the top.
      class Chart::Slices
        FULL, BROAD = 0.94, 0.02 # of the room; of the whole, a slice that has words
        WORDS = 0.68 # of the way from the middle
        EDGE = Chart::Stroke.new(Colour::WHITE, 0.75) # between them, where nothing is said

        def initialize(pen, _kind, categories, series, style)
          @pen, @categories, @one, @style = pen, categories, series[0], style
          @labelled = pen.as(@one.lettered)
        end

        def draw(box)
          side = [ box.width, box.height ].min * FULL
          round = Geometry::Box.new(box.x + (box.width - side) / 2, box.y + (box.height - side) / 2, side, side, 0)
          values = @one.values.map { |value| [ value.to_f, 0 ].max }
          whole, from = [ values.sum, 0.0001 ].max, @style.turn - 90.0
          values.each_with_index do |value, index|
            by = value / whole * 360
            slice(round, index, from, by) unless by < 0.05
            words(round, index, value / whole, from + by / 2) if @one.label?(index) && value / whole >= BROAD
            from += by
          end
        end

        private

        def slice(round, index, from, by)
          outline = Outline.new
          outline.around([ 0.5, 0.5 ], 0.5, 0.5, from, by, begins: true)
          if @style.hole.positive? then outline.around([ 0.5, 0.5 ], @style.hole / 2, @style.hole / 2, from + by, -by)
          elsif by < 359.9 then outline.line([ 0.5, 0.5 ])
          end
          outline.close
          @pen.drawn(outline, round, @one.colour(index), edge: @one.edge || EDGE)
        end

        def words(round, index, share, angle)
          far = round.width / 2 * (@style.hole.positive? ? (1 + @style.hole) / 2 : WORDS)
          x, y = [ Math.cos(angle * Math::PI / 180), Math.sin(angle * Math::PI / 180) ].zip([ round.x + round.width / 2, round.y + round.height / 2 ]).map { |part, middle| middle + part * far }
          lines = [ (@categories[index] if @one.named), said(index, share) ].compact
          wide = [ *lines.map { |line| @labelled.width(line) }, 0 ].max + @labelled.letters
          lines.each_with_index { |line, row| @labelled.write(line, x - wide / 2, y + (row - lines.size / 2.0) * @labelled.letters * Chart::Pen::LINE, wide, @labelled.letters * Chart::Pen::LINE, align: "middle") }
        end

        def said(index, share) = { "share" => Chart::Numbers.say(share, "0%"), "value" => Chart::Numbers.say(@one.values[index], @style.format) }[@one.labels]
      end
    end
  end
end
