module Usher
  module Formats
    module Slides
      # Round a middle, the first at the top; where all belongs to one, that is the middle.
      class OpenXml::Diagram::Ring < OpenXml::Diagram::Arrangement
        APART, CLOSE = 1.5, 1.0 # breadths from one to the next, and of those that are turned
        HIGH = { "ellipse" => 1.0 }.freeze # of their breadth, 0.65 for others
        ARROW = [ 0.3, 0.34 ].freeze # breadths that an arrow between two is long and high

        # turned: whether each is turned towards the middle.
        def initialize(*, turned: false, **)
          super
          @turned = turned
        end

        def draw(entries, box)
          around = entries
          centre, around = OpenXml::Diagram::Entry.new(entries.first.words, []), entries.first.parts if entries.one? && entries.first.parts.any?
          high = HIGH.fetch(@form, 0.65)
          wide = breadth(around.size, box, high, centre)
          middle = [ box.x + box.width / 2, box.y + box.height / 2 ]
          far = (box.height - wide * high) / 2
          places = around.each_index.map { |index| turned(middle, around.one? ? 0 : far, index / around.size.to_f) }
          boxes = [ *([ middle ] if centre), *places ].each_with_index.map { |(x, y), index| Geometry::Box.new(x - wide / 2, y - wide * high / 2, wide, wide * high, @turned ? 360.0 * index / around.size : 0) }
          all = [ centre, *around ].compact.zip(boxes)
          size = letters(all)
          arrows(places, wide) if @algorithms.include?("conn") && !centre && around.size > 1
          all.each { |entry, place| block(entry, place, size) }
        end

        private

        # So that neighbours are apart, and all of them have room.
        def breadth(count, box, high, centre)
          chord = count > 1 ? (@turned ? CLOSE : APART) / (2 * Math.sin(Math::PI / count)) : 0
          far = [ chord, centre ? APART : 0 ].max # breadths from the middle
          [ box.height / (2 * far + high), box.width / (2 * far + 1) ].min
        end

        def turned((x, y), far, share) = [ x + far * Math.sin(2 * Math::PI * share), y - far * Math.cos(2 * Math::PI * share) ]

        def arrows(places, wide)
          long, high = ARROW.map { |share| share * wide }
          [ *places, places.first ].each_cons(2) do |(ax, ay), (bx, by)|
            turn = Math.atan2(by - ay, bx - ax) * 180 / Math::PI
            @canvas.form("rightArrow", Geometry::Box.new((ax + bx - long) / 2, (ay + by - high) / 2, long, high, turn), look(lighter(LIGHTER)))
          end
        end
      end
    end
  end
end
