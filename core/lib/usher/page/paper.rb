module Usher
  module Page
    # What is printed on a page before anything is put on it.
    module Paper
      RULED = 60
      SQUARED = 50
      MARGIN = 130

      DRAWERS = {
        "plain" => ->(_size) { "" },
        "ruled" => lambda do |(width, height)|
          rules = (2 * RULED).step(height - 1, RULED).map { |y| "M0 #{y}H#{width}" }.join
          Markup.tag("path", d: rules, stroke: Usher::Colour::RULE, "stroke-width": 2, fill: "none") +
            Markup.tag("path", d: "M#{MARGIN} 0V#{height}", stroke: "#e3b9c9", "stroke-width": 2, fill: "none")
        end,
        "squared" => lambda do |(width, height)|
          down = SQUARED.step(height - 1, SQUARED).map { |y| "M0 #{y}H#{width}" }
          across = SQUARED.step(width - 1, SQUARED).map { |x| "M#{x} 0V#{height}" }
          Markup.tag("path", d: (down + across).join, stroke: Usher::Colour::RULE, "stroke-width": 1.5, fill: "none")
        end
      }.freeze
      KINDS = DRAWERS.keys.freeze

      # The page's ground as SVG: its colour, then its paper. size: [width, height] in page units.
      def self.draw(kind, colour, size)
        Markup.tag("rect", width: size[0], height: size[1], fill: colour) + DRAWERS.fetch(kind).call(size)
      end
    end
  end
end
