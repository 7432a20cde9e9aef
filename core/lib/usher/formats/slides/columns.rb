module Usher
  module Formats
    module Slides
      # Paragraphs in columns beside each other: each is filled before the next begins, and a paragraph goes on where its lines have no
      # more room.
      class Columns
        BARE = { insets: [ 0, 0, 0, 0 ] }.freeze

        # paragraphs: Words::Paragraph; wide, high: of one column, page units; scale: page units of a point.
        def initialize(paragraphs, count, wide, high, scale)
          @rest, @count, @wide, @high, @scale = paragraphs.dup, count, wide, high, scale
        end

        # The paragraphs of each column. What has no room in all of them is in the last one.
        def lists = Array.new(@count) { |number| number == @count - 1 ? @rest : fill }.reject(&:empty?)

        private

        def fill
          [].tap do |column|
            while (one = @rest.first)
              if height([ *column, one ]) <= @high then column << @rest.shift
              else
                head, tail = cut(one, @high - (column.empty? ? 0 : height(column) + one.before * @scale))
                head ||= @rest.shift if column.empty? # or nothing would ever go on
                column << head if head
                @rest[0] = tail if tail
                break
              end
            end
          end
        end

        def height(paragraphs) = Words.new(paragraphs, **BARE).height(@wide, @scale)

        # As many of its lines as have room, and the others; nil where none has, or all.
        def cut(one, room)
          text = Words.new([ one ], **BARE).first(@wide, @scale) or return
          count = (room / text.height * text.lines.size).floor
          return unless count.between?(1, text.lines.size - 1)
          at = text.lines[count].from
          head, tail = [ one, one ].map(&:dup)
          head.runs, tail.runs = part(one.runs, 0, at), part(one.runs, at, one.text.length)
          tail.before, tail.list, tail.indent = 0, "none", one.indent + (one.hang || 0)
          [ head, tail ]
        end

        # The runs of some of a paragraph's characters.
        def part(runs, from, to)
          start = 0
          runs.filter_map do |run|
            first, last = [ from - start, 0 ].max, [ to - start, run.text.length ].min
            start += run.text.length
            run.dup.tap { |own| own.text = run.text[first...last] } if first < last
          end
        end
      end
    end
  end
end
