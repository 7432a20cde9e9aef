module Usher
  module Polls
    # The answers to a question as things for a page: bars, words, notes, drawings. No name is among them.
    class Sheet
      MARGIN = 80 # page units
      TOP = 200 # where the answers begin
      MOST_TEXTS = 24
      MOST_DRAWINGS = 12

      # core: the Kind; answers: as they are kept; title: what was asked; size: [width, height] of the page in page units.
      def initialize(core, answers, title:, size: Page::SIZE)
        @core, @answers, @title, @size = core, answers, title, size
      end

      # Attributes of items, back to front. The block gives an id each.
      def items(&id)
        [ text(MARGIN, MARGIN - 20, wide, 70, @title, 52, bold: true), *send(@core.shown_as) ].map { |item| { "id" => id.call, **item } }
      end

      private

      def wide = @size[0] - 2 * MARGIN
      def high = @size[1] - TOP - MARGIN / 2

      def bars
        rows = @core.tally(@answers).rows
        step = [ high.to_f / [ rows.size, 1 ].max, 110 ].min
        rows.each_with_index.flat_map do |row, index|
          y, label = TOP + index * step, @core.label(row.choice)
          [ text(MARGIN, y, 420, step * 0.7, label, (step * 0.36).clamp(16, 38)), box(MARGIN + 440, y, [ row.share * (wide - 560), 6 ].max, step * 0.66), text(MARGIN + 460 + row.share * (wide - 560), y, 100, step * 0.7, row.count.to_s, (step * 0.4).clamp(16, 40), bold: true) ]
        end
      end

      def texts = in_cells(@answers.first(MOST_TEXTS), 4) { |words, x, y, width, height| { "kind" => "note", "x" => x, "y" => y, "width" => width, "height" => height, "text" => words } }

      def cloud
        x, y, down = MARGIN, TOP, 0
        @core.tally(@answers).rows.first(60).filter_map do |row|
          size = (26 + row.share * 62).round
          width = [ row.choice.length * size * 0.66 + 20, wide ].min.round
          x, y, down = MARGIN, y + down + 14, 0 if x + width > MARGIN + wide
          next if y + size * 1.4 > @size[1] - 20
          down = [ down, size * 1.4 ].max
          text(x, y, width, size * 1.4, row.choice, size, colour: row.share > 0.5 ? Colour::TIDE : Colour::INK).tap { x += width + 24 }
        end
      end

      def ranks = @core.ranks(@answers).each_with_index.map { |(thing, place), index| text(MARGIN, TOP + index * high / 10.0, wide, 60, "#{index + 1}. #{thing}#{" (#{Markup.number(place)})" if place}", 40) }

      # A spot of light for each.
      def heat = @answers.map { |x, y| { "kind" => "ellipse", "x" => x - 40, "y" => y - 40, "width" => 80, "height" => 80, "fill" => Colour::TIDE, "stroke" => "none", "opacity" => 0.35 } }

      def drawings
        in_cells(@answers.first(MOST_DRAWINGS), 4) do |strokes, x, y, width, height|
          k = [ width / @size[0].to_f, height / @size[1].to_f ].min
          strokes.map { |stroke| stroke.slice("kind", "colour", "nib", "opacity").merge("stroke_width" => (stroke["stroke_width"] * k).clamp(*Ink::STROKE_WIDTHS.minmax), "points" => @core.points(stroke).map { |px, py, *rest| [ (x + px * k).round(2), (y + py * k).round(2), *rest ] }) }
        end.flatten
      end

      def in_cells(all, across)
        rows = (all.size / across.to_f).ceil
        width, height = (wide - (across - 1) * 24.0) / across, (high - (rows - 1) * 24.0) / [ rows, 1 ].max
        all.each_with_index.map { |one, index| yield one, MARGIN + index % across * (width + 24), TOP + index / across * (height + 24), width, [ height, 260 ].min }
      end

      def text(x, y, width, height, words, size, bold: false, colour: Colour::INK)
        { "kind" => "text", "x" => x, "y" => y, "width" => width, "height" => height, "text" => words.to_s, "size" => size, "bold" => bold, "colour" => colour }
      end

      def box(x, y, width, height) = { "kind" => "rectangle", "x" => x, "y" => y, "width" => width, "height" => height, "fill" => Colour::TIDE, "stroke" => "none" }
    end
  end
end
