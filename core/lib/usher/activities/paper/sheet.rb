module Usher
  module Activities
    class Paper
      # Lays the parts of an activity out on upright sheets, from top to bottom; what finds no room goes to the next.
      # All lengths in page units.
      class Sheet
        SIZE = [ 1000, 1414 ].freeze
        MARGIN = 80
        WIDTH = SIZE[0] - 2 * MARGIN
        GAP = 18
        TEXT = 26
        PICTURE = 150 # height of a picture among words
        LINE = "________________"
        PAPER = { "fill" => "none", "stroke" => Usher::Colour::INK, "stroke_width" => 2 }.freeze

        # [[item of the core, ...], ...], a list for each sheet.
        attr_reader :pages

        # sizes: { number of a picture => [width, height] }.
        def initialize(sizes)
          @sizes, @pages, @y, @id = sizes, [ [] ], MARGIN, 0
        end

        def heading(text) = text(text, size: 44, bold: true, font: "title")

        def text(text, size: TEXT, **more)
          item = written(text, MARGIN, WIDTH, size: size, **more)
          place(item.height) { |y| put(moved(item, MARGIN, y)) }
        end

        # Faces one after the other, each in a frame. blank: so many empty frames besides.
        def faces(faces, blank: 0)
          cells = faces.map { |face| cell(face) } + Array.new(blank) { [ nil, 150, 56 ] }
          rows(cells).each { |row| place(row.map(&:last).max) { |y| row.inject(MARGIN) { |x, cell| frame(cell, x, y) } } }
        end

        # A face on the left, and what belongs to it (faces or texts) or room to write on the right.
        def line(face, given)
          left, right = face_item(face, WIDTH * 0.45), given.empty? ? [ written(LINE, 0, WIDTH * 0.5) ] : given.map { |one| face_item(one, WIDTH * 0.5) }
          place([ left.height, right.sum(&:height) + GAP * (right.size - 1) ].max) do |y|
            put(moved(left, MARGIN, y))
            right.inject(y) { |down, item| put(moved(item, MARGIN + WIDTH * 0.5, down)) && down + item.height + GAP }
          end
        end

        # A frame with a name, with room for what is to be put there, or with what lies there.
        def box(name, faces, least: 130)
          head, inside = written(name, MARGIN + GAP, WIDTH - 2 * GAP, bold: true), rows(faces.map { |face| cell(face) })
          height = [ head.height + inside.sum { |row| row.map(&:last).max + GAP } + 2 * GAP, least ].max
          place(height) do |y|
            rectangle(MARGIN, y, WIDTH, height)
            put(moved(head, MARGIN + GAP, y + GAP / 2))
            inside.inject(y + head.height + GAP) { |down, row| row.inject(MARGIN + GAP) { |x, one| frame(one, x, down) } && down + row.map(&:last).max + GAP }
          end
        end

        # A question with its answers, each with a box to tick. options: [[Face or text, whether it is ticked], ...]
        def choices(ask, options)
          face(ask)
          options.each do |option, ticked|
            item = face_item(option, WIDTH - 70)
            place([ item.height, 32 ].max) do |y|
              rectangle(MARGIN + 20, y + 2, 28, 28)
              put(written("×", MARGIN + 25, 30, y: y - 4, bold: true)) if ticked
              put(moved(item, MARGIN + 66, y))
            end
          end
        end

        # A face by itself.
        def face(face) = face_item(face, WIDTH).then { |item| place(item.height) { |y| put(moved(item, MARGIN, y)) } }

        # rows: [[{ "letter", "number", "dark" } or nil, ...], ...]; nil is no square.
        def squares(rows)
          side = [ WIDTH / rows.map(&:size).max.to_f, 54 ].min
          place(side * rows.size) do |y|
            rows.each_with_index { |row, down| row.each_with_index { |square, across| square && square(square, MARGIN + across * side, y + down * side, side) } }
          end
        end

        # A picture with marks on it. spots: [[x, y, text], ...] in shares of it.
        def figure(face, spots)
          width, height = fitted(face.picture, WIDTH, 620)
          place(height) do |y|
            put(build("picture", x: MARGIN, y: y, width: width, height: height, picture: face.picture, alt: face.alt))
            spots.each { |x, down, text| spot(MARGIN + x * width, y + down * height, text) }
          end
        end

        private

        def spot(x, y, text)
          put(build("ellipse", x: x - 20, y: y - 20, width: 40, height: 40, fill: Usher::Colour::WHITE, stroke: Usher::Colour::INK, stroke_width: 2))
          put(written(text, x - 30, 60, y: y - 17, align: "middle", room: nil, width: 60, bold: true))
        end

        def square(square, x, y, side)
          rectangle(x, y, side, side, fill: square["dark"] ? Usher::Colour::LINEN : "none")
          put(written(square["number"].to_s, x + 3, side, y: y + 1, size: 13)) if square["number"]
          put(written(square["letter"], x, side, y: y + side * 0.18, size: side * 0.5, align: "middle", room: nil, width: side)) if square["letter"]
        end

        # [item, width, height] of a face in its frame.
        def cell(face) = face_item(face, WIDTH - 40).then { |item| [ item, item.width + 36, item.height + 20 ] }

        def frame((item, width, height), x, y)
          rectangle(x, y, width, height)
          put(moved(item, x + 18, y + 10)) if item
          x + width + GAP
        end

        # Cells in rows that are no wider than the sheet.
        def rows(cells)
          cells.each_with_object([]) do |cell, rows|
            fits = rows.any? && rows.last.sum { |one| one[1] + GAP } + cell[1] <= WIDTH - 2 * GAP
            fits ? rows.last << cell : rows << [ cell ]
          end
        end

        # A picture, or words where there is none.
        def face_item(face, room)
          return written(face.to_s, 0, room) unless face.is_a?(Face)
          return lettering(face, room) unless face.picture
          width, height = fitted(face.picture, room, PICTURE)
          build("picture", x: 0, y: 0, width: width, height: height, picture: face.picture, alt: face.alt)
        end

        # A formula by itself is set; among words it is as it was written.
        def lettering(face, room)
          return build("formula", x: 0, y: 0, source: face.text, size: TEXT * 1.2) if face.inline.runs.one? && face.inline.formulas.any?
          written(face.text.empty? ? "(#{face.words})" : face.text, 0, room, marks: face.inline.marks)
        end

        def fitted(picture, width, height)
          across, down = @sizes.fetch(picture, [ 4, 3 ])
          scale = [ width / across.to_f, height / down.to_f ].min
          [ across * scale, down * scale ]
        end

        def rectangle(x, y, width, height, **more) = put(build("rectangle", x: x, y: y, width: width, height: height, **PAPER.transform_keys(&:to_sym), **more))

        def written(text, x, room, y: 0, **more) = build("text", x: x, y: y, width: room, room: room, height: 0, text: text.to_s[0, 20_000], size: TEXT, **more)

        def moved(item, x, y) = Items.build(item.to_h.merge("kind" => item.class.kind, "x" => x.round(2), "y" => y.round(2)))

        def build(kind, **values) = Items.build({ "kind" => kind, "id" => "p#{@id += 1}", **values.transform_keys(&:to_s).transform_values { |value| value.is_a?(Float) ? value.round(2) : value } })

        def put(item) = @pages.last << item

        # Room of this height, on the next sheet where this one has none.
        def place(height)
          turn if @y + height > SIZE[1] - MARGIN && @pages.last.any?
          yield @y
          @y += height + GAP
        end

        def turn
          @pages << []
          @y = MARGIN
        end
      end
    end
  end
end
