module Usher
  module Formats
    module Slides
      # One beside or under the other; what belongs to one is a list below it, or beside it.
      class OpenXml::Diagram::Line < OpenXml::Diagram::Arrangement
        POINTED = %w[chevron homePlate rightArrow].freeze # they reach into each other
        GAP, INTO = 0.08, -0.1 # of their length along the line
        HIGH = { true => 0.4, false => 0.6 }.freeze # of the breadth of those that are pointed, and of others
        HEAD, SIDE = 0.3, 0.36 # of the height above a list, of the breadth beside one

        def draw(entries, box)
          cells = @ways.first == "fromT" ? under(entries, box) : beside(entries, box)
          size = letters(cells.map { |entry, head, _| [ entry, head ] }, listed: false)
          lists(cells.filter_map { |entry, _, rest| [ entry, rest ] if rest }, size)
          cells.each { |entry, head, _| block(entry, head, size, listed: false) }
        end

        private

        # [[Entry, Box, the Box of its list or nil], ...].
        def beside(entries, box)
          pointed = POINTED.include?(@form)
          gap = pointed ? INTO : GAP
          wide = box.width / (entries.size + (entries.size - 1) * gap)
          listed = entries.any? { |entry| entry.parts.any? }
          high = listed ? box.height * HEAD : [ wide * HIGH[pointed], box.height ].min
          top = listed ? box.y : box.y + (box.height - high) / 2
          entries.each_with_index.map do |entry, index|
            x = box.x + index * wide * (1 + gap)
            [ entry, Geometry::Box.new(x, top, wide, high, 0), (Geometry::Box.new(x, top + high, pointed ? wide * 0.8 : wide, box.height - high, 0) if entry.parts.any?) ]
          end
        end

        def under(entries, box)
          high = box.height / (entries.size + (entries.size - 1) * GAP)
          entries.each_with_index.map do |entry, index|
            y, wide = box.y + index * high * (1 + GAP), box.width * (entry.parts.any? ? SIDE : 1)
            [ entry, Geometry::Box.new(box.x, y, wide, high, 0), (Geometry::Box.new(box.x + wide, y + high * 0.1, box.width - wide, high * 0.8, 0) if entry.parts.any?) ]
          end
        end
      end
    end
  end
end
