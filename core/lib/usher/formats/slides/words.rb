module Usher
  module Formats
    module Slides
      # What is written in a shape, laid into its box as text items: one for each stretch of paragraphs of
      # the same size and alignment, one under the other. Where the faces of Usher need more room than those
      # it was written in, all of it becomes a little smaller.
      class Words
        # size: points; colour: "#rrggbb"; link: a web address or nil.
        Run = Struct.new(:text, :size, :bold, :italic, :colour, :link, keyword_init: true) do
          def look = [ bold, italic, colour ]
        end
        # align: "left", "middle" or "right"; list: "none", "bullets" or "numbers"; indent: points.
        Paragraph = Struct.new(:runs, :align, :list, :indent, keyword_init: true) do
          def text = runs.map(&:text).join
          def size = runs.group_by(&:size).max_by { |_, same| same.sum { |run| run.text.length } + 0.1 }.first
          def kind = [ size.round(1), align, indent.round ]
        end

        SMALLER = [ 1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7, 0.65, 0.6 ].freeze # tried in turn
        LEAST = 8 # page units
        LONGEST = 9_000 # characters of one item, from which on each paragraph is one
        RAISED = [ "0123456789+=()n-", "⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁼⁽⁾ⁿ⁻" ].freeze
        LOWERED = [ "0123456789+=()-", "₀₁₂₃₄₅₆₇₈₉₊₌₍₎₋" ].freeze

        # Numbers above (shift over 0) or below the line as signs of their own: cm², H₂O. Letters stay.
        def self.shifted(text, shift) = shift.zero? ? text : text.tr(*(shift.positive? ? RAISED : LOWERED))

        # insets: points between the box and the text, [left, top, right, bottom]; anchor: "top", "middle" or
        # "bottom".
        def initialize(paragraphs, insets: [ 7.2, 3.6, 7.2, 3.6 ], anchor: "top")
          @paragraphs, @insets, @anchor = paragraphs, insets, anchor
          @paragraphs = @paragraphs.drop_while { |one| one.text.strip.empty? }.reverse.drop_while { |one| one.text.strip.empty? }.reverse if anchor != "top"
        end

        def empty? = @paragraphs.all? { |one| one.text.strip.empty? }

        def align = @paragraphs.first&.align || "left"

        def plain = @paragraphs.map(&:text).join("\n").strip

        # The first run with anything in it.
        def run = @paragraphs.flat_map(&:runs).find { |run| !run.text.strip.empty? }

        # Values of text items in a box (Geometry::Box in page units, turned or not); scale: page units of a
        # point.
        def items(box, scale)
          return [] if empty?
          left, top, right, bottom = @insets.map { |inset| inset * scale }
          wide, high = [ box.width - left - right, 20 ].max, [ box.height - top - bottom, 0 ].max
          texts = fitting(wide, high, scale)
          rest = high - texts.sum(&:height)
          down = top + { "top" => 0, "middle" => rest / 2, "bottom" => rest }.fetch(@anchor)
          texts.map { |text| [ text, down ].tap { down += text.height } }.reject { |text, _| text.text.strip.empty? }.map { |text, at| placed(text, box, left, at) }
        end

        private

        # Built, still at the box's own origin: [Items::Text, ...].
        def fitting(wide, high, scale)
          found = nil
          SMALLER.each do |factor|
            found = blocks.map { |block| Items.build(values(block, wide, scale, factor)) }
            break if found.sum(&:height) <= high + found.last.size * 0.6 && found.none? { |text| broken?(text) }
          end
          found
        end

        # Whether a word had to be cut.
        def broken?(text) = text.lines.each_cons(2).any? { |line, following| line.to == following.from && line.to > line.from }

        def blocks
          @blocks ||= @paragraphs.slice_when { |one, other| one.kind != other.kind }.flat_map { |block| block.sum { |one| one.text.length + 1 } > LONGEST ? block.map { |one| [ one ] } : [ block ] }
        end

        def values(block, wide, scale, factor)
          runs = block.flat_map.with_index { |one, index| index.zero? ? one.runs : [ Run.new(text: "\n"), *one.runs ] }
          look = runs.select(&:size).group_by(&:look).max_by { |_, same| same.sum { |run| run.text.length } }.first
          indent = [ block.first.indent * scale, wide * 0.6 ].min
          { "kind" => "text", "id" => "t", "x" => indent, "y" => 0, "width" => wide - indent, "text" => runs.map(&:text).join, "size" => (block.first.size * scale * factor).clamp(LEAST, 400).round(1),
            "align" => block.first.align, "bold" => look[0], "italic" => look[1], "colour" => look[2], "marks" => marks(runs, look), "lists" => lists(block) }
        end

        # What looks different from the rest.
        def marks(runs, look)
          at = 0
          runs.filter_map do |run|
            from, at = at, at + run.text.length
            next unless run.size
            other = { "bold" => run.bold, "italic" => run.italic, "colour" => run.colour }.reject { |name, value| value == look[%w[bold italic colour].index(name)] }
            other["link"] = run.link if run.link
            { "from" => from, "to" => at, **other } if other.any? && at > from
          end.first(Text::Marks::MOST)
        end

        # A break inside a paragraph begins a line without a sign.
        def lists(block)
          all = block.flat_map { |one| [ one.text.strip.empty? ? "none" : one.list ] + [ "none" ] * one.text.count("\n") }
          all.uniq == [ "none" ] ? [] : all
        end

        # A text with its own top left this far inside the box.
        def placed(text, box, left, down)
          x, y = box.to_page(left + text.x + text.width / 2.0, down + text.height / 2.0)
          text.to_h.except("id").merge("x" => x - text.width / 2.0, "y" => y - text.height / 2.0, "angle" => box.angle)
        end
      end
    end
  end
end
