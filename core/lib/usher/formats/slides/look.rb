module Usher
  module Formats
    module Slides
      # How a shape is painted. fill, stroke: "#rrggbb" or "none"; stroke_width: points; dash: as items have
      # it (see Items::Dash); opacity: of the fill, 0 to 1; heads: of a line, nil, "end", "start" or "both"; paint: a Paint in
      # place of the fill, which is the colour nearest to it, or nil.
      HAIR = 0.75 # points, of a line that has no breadth
      Look = Struct.new(:fill, :stroke, :stroke_width, :dash, :opacity, :heads, :paint, keyword_init: true) do
        def seen? = fill != "none" || stroke != "none"

        # One by one: what lets something through is filled apart from its outline, which does not.
        def parts = opacity < 1 && fill != "none" && stroke != "none" ? [ dup.tap { |own| own.stroke = "none" }, dup.tap { |own| own.fill = "none" } ] : [ self ]

        # As attributes of items, by what they are; scale: page units of a point.
        def shape(scale) = { "fill" => fill, "stroke" => stroke, "stroke_width" => edge(scale), "dash" => dash, "opacity" => fill == "none" ? 1 : opacity.clamp(0.05, 1) }
        def line(scale) = { "stroke" => pen, "stroke_width" => broad(scale), "dash" => dash }
        def ink(scale) = { "colour" => pen, "stroke_width" => broad(scale) }
        def callout(scale) = { "text" => "", "size" => 8, "card" => fill == "none" ? Colour::WHITE : fill, "stroke" => stroke, "stroke_width" => edge(scale) }

        # How broad its outline is, in page units: none at all where there is none.
        def edge(scale) = stroke == "none" ? 0 : broad(scale)

        private

        def pen = stroke == "none" ? Colour::INK : stroke
        def broad(scale) = ((stroke_width.positive? ? stroke_width : HAIR) * scale).clamp(0.5, 60)
      end
    end
  end
end
