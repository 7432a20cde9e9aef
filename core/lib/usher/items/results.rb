module Usher
  module Items
    # What a class has answered to a question, as it stands: rows with bars, or spots on what lies under it. Whoever asked
    # changes its rows as answers come (Polls::Figures). It names nobody.
    class Results < Item
      include Lettered
      prepend Curtained

      def self.title = "The answers of a class"
      def self.laid = { width: 760, height: 440 }

      # count: what stands behind the bar, nil where nothing does; share: how long the bar is, 0 to 1, nil for none.
      ROW = Types::Record.new(label: Types::Line.new(300), count: Types::Maybe.new(Types::Number.new(0..1_000_000)), share: Types::Maybe.new(Types::Number.new(0..1, digits: 4)), optional: %w[count share])
      # Drawn by one hand, on the page of these sides: simplified strokes.
      STROKE = Types::Record.new(colour: Types::Colour.new, breadth: Types::Number.new(0.5..60), points: Types::List.new(Types::List.new(Types::Number.new(-20_000..20_000, digits: 1), 2..2), 1..400))
      DRAWN = 0..12
      SPOT = Types::List.new(Types::Number.new(0..1, digits: 4), 2..2) # across and down, as parts of the box
      MARGIN = 24 # page units
      HEAD = 64
      TALLEST = 76 # of a row
      DOT = 26 # radius of a spot
      CELL_GAP = 10 # between drawings

      attribute :poll, Types::Number.new(1..2**53, digits: 0)
      attribute :title, Types::Line.new(200)
      attribute :answered, Types::Number.new(0..1_000_000, digits: 0), default: 0
      attribute :rows, Types::List.new(ROW, 0..12), default: []
      attribute :spots, Types::Maybe.new(Types::List.new(SPOT, 0..300)), default: nil
      attribute :drawings, Types::Maybe.new(Types::List.new(Types::List.new(STROKE, 0..200), DRAWN)), default: nil
      attribute :page, Types::Maybe.new(Types::List.new(Types::Number.new(1..20_000), 2..2)), default: nil # width, height of what was drawn on
      attribute :card, Types::Colour.new, default: Colour::WHITE
      attribute :colour, Types::Colour.new, default: Colour::TIDE

      def draw = spots ? frame_of_spots + dots : ground + head + (drawings ? drawn : lines)
      def label = "Answers to “#{title}”, #{answered} so far#{": #{said}" if said != ''}"
      def words = [ title, *rows.map { |row| row["label"] } ].join(" ")

      def filled(colour)
        raise Invalid, "That needs a colour." if colour == "none"
        { "card" => colour }
      end

      private

      def said = rows.map { |row| [ row["label"], row["count"] && Markup.number(row["count"]) ].compact.join(" ") }.join(", ")[0, 300]

      def ground = Markup.tag("rect", width: width, height: height, rx: 20, fill: card, stroke: Usher::Colour::EDGE, "stroke-width": 3)
      def frame_of_spots = Markup.tag("rect", width: width, height: height, fill: "none", stroke: Usher::Colour::EDGE, "stroke-width": 3)
      def dots = spots.map { |across, down| Markup.tag("circle", cx: (across * width).round(1), cy: (down * height).round(1), r: DOT, fill: colour, opacity: 0.4) }.join

      def head
        number = answered.to_i.to_s
        write(MARGIN, 44, fit(title, width - 3 * MARGIN - 40 - number.length * 18, 30), size: 30, font: "title", bold: true, colour: Usher::Colour::INK) +
          write(width - MARGIN - face.width(number) * 26, 44, number, size: 26, bold: true, colour: Usher::Colour::TIDE)
      end

      # Below the head, as many as there is room for.
      def lines
        return "" if rows.empty?
        high = [ (height - HEAD - MARGIN / 2.0) / rows.size, TALLEST ].min
        return "" if high < 12
        size = letter_size(high)
        rows.each_with_index.map { |row, index| line(row, HEAD + index * high, high, size) }.join
      end

      # Each in a cell of its own, as large as all of them allow.
      def drawn
        return "" if drawings.empty?
        wide, high = width - 2 * MARGIN, height - HEAD - MARGIN
        across = (1..drawings.size).max_by { |count| [ wide / count, high / (drawings.size / count.to_f).ceil * page[0] / page[1] ].min }
        scale = [ (wide / across - CELL_GAP) / page[0], (high / (drawings.size / across.to_f).ceil - CELL_GAP) / page[1] ].min
        cell = page.map { |side| side * scale + CELL_GAP }
        scale.positive? ? drawings.each_with_index.map { |strokes, index| small(strokes, MARGIN + index % across * cell[0], HEAD + index / across * cell[1], scale) }.join : ""
      end

      def small(strokes, left, top, scale)
        paper = Markup.tag("rect", width: page[0], height: page[1], fill: Usher::Colour::WHITE, stroke: Usher::Colour::EDGE, "stroke-width": (2 / scale).round(1))
        lines = strokes.map do |stroke|
          Markup.tag("polyline", points: stroke["points"].map { |place| place.join(",") }.join(" "), fill: "none", stroke: stroke["colour"], "stroke-width": [ stroke["breadth"], 1.5 / scale ].max.round(1), "stroke-linecap": "round", "stroke-linejoin": "round")
        end
        %(<g transform="translate(#{left.round(1)} #{top.round(1)}) scale(#{scale.round(4)})">#{paper}#{lines.join}</g>)
      end

      # As large as the rows allow, a good deal smaller where that lets all labels stand whole.
      def letter_size(high)
        size, longest = (high * 0.5).clamp(9, 30), rows.map { |row| face(bold: false).width(row["label"]) }.max
        rows.first["share"] ? [ size, [ (label_room - MARGIN / 2) / [ longest, 0.1 ].max, 14 ].max ].min : size
      end

      def label_room = width * 0.4 - MARGIN

      def line(row, top, high, size)
        base = top + high * 0.5 + size * 0.36
        return write(MARGIN, base, fit(row["label"], width - 2 * MARGIN, size, bold: false), size: size, colour: Usher::Colour::INK) unless row["share"]
        left, count = width * 0.4, row["count"] ? Markup.number(row["count"]).to_s : "?"
        room = [ width - left - 2 * MARGIN - face.width("00000") * size, 10 ].max
        long = [ row["share"] * room, 4 ].max
        write(MARGIN, base, fit(row["label"], label_room - MARGIN / 4, size, bold: false), size: size, colour: Usher::Colour::INK) +
          Markup.tag("rect", x: left.round(1), y: (top + high * 0.16).round(1), width: long.round(1), height: (high * 0.68).round(1), rx: 6, fill: colour) +
          write((left + long + 12).round(1), base, count, size: size, bold: true, colour: Usher::Colour::INK)
      end
    end
  end
end
