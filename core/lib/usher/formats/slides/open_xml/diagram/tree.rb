module Usher
  module Formats
    module Slides
      # One above those that belong to it, joined by lines.
      class OpenXml::Diagram::Tree < OpenXml::Diagram::Arrangement
        HIGH, ASIDE, BELOW = 0.5, 0.21, 0.21 # of the breadth of a box: its height, and what is between neighbours and between rows

        def draw(entries, box)
          rows, leaves = entries.map { |entry| depth(entry) }.max, entries.sum { |entry| leaves(entry) }
          @wide = [ box.width / (leaves * (1 + ASIDE) - ASIDE), box.height / (rows * (HIGH + BELOW) - BELOW) ].min
          left = box.x + (box.width - @wide * (leaves * (1 + ASIDE) - ASIDE)) / 2
          top = box.y + (box.height - @wide * (rows * (HIGH + BELOW) - BELOW)) / 2
          all = place(entries, left, top)
          size = letters(all, listed: false)
          all.each { |entry, place| entry.parts.each { |part| join(place, all.find { |one, _| one.equal?(part) }.last) } }
          all.each { |entry, place| block(entry, place, size, listed: false) }
        end

        private

        def depth(entry) = 1 + (entry.parts.map { |part| depth(part) }.max || 0)
        def leaves(entry) = entry.parts.empty? ? 1 : entry.parts.sum { |part| leaves(part) }

        # Each over the middle of what belongs to it: [[Entry, Box], ...].
        def place(entries, left, top)
          entries.flat_map do |entry|
            room = @wide * (leaves(entry) * (1 + ASIDE) - ASIDE)
            own = Geometry::Box.new(left + (room - @wide) / 2, top, @wide, @wide * HIGH, 0)
            below = place(entry.parts, left, top + @wide * (HIGH + BELOW))
            left += room + @wide * ASIDE
            [ [ entry, own ], *below ]
          end
        end

        def join(upper, lower)
          from, to = [ upper.x + upper.width / 2, upper.y + upper.height ], [ lower.x + lower.width / 2, lower.y ]
          middle = (from[1] + to[1]) / 2
          @canvas.line([ from, [ from[0], middle ], [ to[0], middle ], to ].uniq, Look.new(fill: "none", stroke: @colour, stroke_width: 1.5, dash: "solid", opacity: 1))
        end
      end
    end
  end
end
