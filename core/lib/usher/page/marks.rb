module Usher
  module Page
    # Small signs drawn on a thing that is more than it looks: it opens something, it hands out copies,
    # or only some see it (that one is for the teacher preparing: hidden unless the board shows it).
    module Marks
      SEEN = { "room" => [ "room only", 108 ], "devices" => [ "devices only", 134 ], "nobody" => [ "only you", 100 ] }.freeze # and how wide that is

      module_function

      # SVG in the item's own units.
      def draw(item) = "#{opens(item) if item.link && item.signed}#{pile(item) if item.pile}#{seen(item) unless item.audience == "both"}"

      # An arrow out of a circle, at the top right corner; a mouth of sound where it is read aloud.
      def opens(item)
        way = item.link["to"] == "speech" ? "M-9 -3H-5L1 -8V8L-5 3H-9ZM5 -4Q8 0 5 4M8 -7Q13 0 8 7" : "M-6 6L6 -6M-3 -6H6V3"
        sign(item.width, 0, Usher::Colour::TIDE, Markup.tag("path", d: way, stroke: Usher::Colour::WHITE, "stroke-width": 3.5, fill: "none", "stroke-linecap": "round", "stroke-linejoin": "round"))
      end

      # How many are left, at the bottom right corner; stacked sheets where there is no end to them.
      def pile(item)
        count = item.left ? words(item.left.to_s) : Markup.tag("path", d: "M-8 2L0 7L8 2M-8 -3L0 2L8 -3L0 -8Z", stroke: Usher::Colour::WHITE, "stroke-width": 2.5, fill: "none", "stroke-linejoin": "round")
        sign(item.width, item.height, Usher::Colour::VELVET, count)
      end

      def seen(item)
        name, width = SEEN.fetch(item.audience)
        chip = Markup.tag("rect", x: -2, y: -30, width: width, height: 28, rx: 14, fill: Usher::Colour::BRASS) + words(name, x: width / 2 - 2, y: -10, size: 20, fill: Usher::Colour::INK)
        Markup.tag("g", { class: "seen-by", visibility: "hidden" }, chip)
      end

      def sign(x, y, colour, inner)
        Markup.tag("g", { transform: "translate(#{Markup.number(x)} #{Markup.number(y)})", "pointer-events": "none" },
          Markup.tag("circle", r: 17, fill: colour, stroke: Usher::Colour::WHITE, "stroke-width": 3) + inner)
      end

      def words(text, x: 0, y: 7, size: 21, fill: Usher::Colour::WHITE)
        Markup.tag("text", { x: x, y: y, "text-anchor": "middle", "font-family": Usher::Text::Faces.family("read"), "font-size": size, "font-weight": 700, fill: fill }, text)
      end
      private_class_method :opens, :pile, :seen, :sign, :words
    end
  end
end
