module Usher
  module Activities
    module Found
      # Pairs from two columns: written things and pictures that lie beside each other, row by row.
      module Columns
        ROWS = 3 # at the least
        SHORT = 80 # characters: more is a text of its own
        KINDS = %w[match memory].freeze

        module_function

        def on(items)
          rows = rows(items)
          return [] if rows.size < ROWS
          faces = rows.map { |row| row.map { |item| face(item) } }
          KINDS.map { |kind| Proposal.new(kind: kind, from: rows.first.first.id, title: "What belongs together", rows: faces, settings: {}) }
        end

        # [[left, right], ...] of things that overlap in height, where the left ones and the right ones each stand in line.
        def rows(items)
          small = items.select { |item| item.is_a?(Items::Picture) || (item.is_a?(Items::Written) && item.words.length.between?(1, SHORT)) }
          pairs = small.group_by { |item| small.find { |other| level?(item, other) } }.values.select { |row| row.size == 2 }.map { |row| row.sort_by { |item| item.box.x } }
          pairs.select { |left, right| pairs.count { |other| beside?(left, other[0]) && beside?(right, other[1]) } >= ROWS }.sort_by { |left, _| left.box.y }
        end

        def level?(one, other) = (one.box.centre[1] - other.box.centre[1]).abs < [ one.box.height, other.box.height ].min / 2.0
        def beside?(one, other) = (one.box.x - other.box.x).abs < 60

        def face(item) = item.is_a?(Items::Picture) ? Found.face_of(item) : item.words.squeeze(" ").tr("\n", " ").strip
      end
    end
  end
end
