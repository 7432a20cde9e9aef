module Usher
  module Page
    module Layouts
      # A page layout. Subclasses say in `lay` what lies on the page, with `title`, `text` and `panel`;
      # everything is an ordinary item afterwards.
      class Layout
        # The words a teacher reads.
        def self.title = name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, " ").capitalize

        # Values for Items.build, ids among them, back to front. With a block each id comes from it.
        def self.items(&ids)
          layout = new
          layout.lay
          layout.laid.each_with_index.map { |item, index| item.merge("id" => ids ? ids.call : "layout-#{index}") }
        end

        attr_reader :laid

        def initialize
          @laid = []
        end

        private

        def put(kind, x, y, width, height, **values)
          @laid << { "kind" => kind, "x" => x, "y" => y, "width" => width, "height" => height, **values.transform_keys(&:to_s) }
        end

        def title(words, x: 100, y: 60, width: 1_400, **more) = put("text", x, y, width, 0, text: words, size: 64, font: "title", bold: true, colour: Usher::Colour::VELVET, **more)
        def text(words, x, y, width, **more) = put("text", x, y, width, 0, text: words, **more)
        def panel(x, y, width, height, **more) = put("rectangle", x, y, width, height, fill: Usher::Colour::LINEN, stroke: Usher::Colour::EDGE, stroke_width: 3, round: 24, **more)
      end
    end
  end
end
