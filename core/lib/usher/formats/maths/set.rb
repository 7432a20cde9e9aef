module Usher
  module Formats
    module Maths
      # A formula as it is drawn. drawing: SVG in thousandths of an em, y growing downwards; its box likewise.
      Set = Struct.new(:drawing, :left, :top, :width, :height, keyword_init: true) do
        # The middle of each sign (a letter, a digit, the bar of a fraction), in the order in which they are
        # drawn: [[x, y], ...].
        def signs = @signs ||= leaves(root).map { |sign| sign.ancestors("g").inject(middle(sign)) { |place, group| moved(place, group["transform"].to_s) } }

        # The drawing without the signs for whose number the block says so.
        def without
          copy = root
          leaves(copy).each_with_index { |sign, index| sign.remove if yield(index) }
          copy.inner_html
        end

        private

        def root = Nokogiri::XML("<svg>#{drawing}</svg>").root
        def leaves(drawn) = drawn.css("path, rect, line, text, use").to_a

        # Of a sign in its own units.
        def middle(sign)
          return [ sign["x"].to_f + sign["width"].to_f / 2, sign["y"].to_f + sign["height"].to_f / 2 ] unless sign["d"]
          places = sign["d"].scan(/[MLQT]([^A-Z]*)/).flat_map { |(numbers)| numbers.scan(/-?[\d.]+/).map(&:to_f).each_slice(2).to_a }
          places.transpose.map { |along| along.minmax.sum / 2 }
        end

        # A place after a list of transforms (SVG 2, 8.5): the last of them works first.
        def moved(place, transforms)
          transforms.scan(/(translate|scale)\(([^)]*)\)/).reverse.inject(place) do |(x, y), (kind, numbers)|
            a, b = numbers.scan(/-?[\d.]+/).map(&:to_f)
            kind == "scale" ? [ x * a, y * (b || a) ] : [ x + a, y + (b || 0) ]
          end
        end
      end
    end
  end
end
