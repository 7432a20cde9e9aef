module Usher
  module Items
    # What rulers and set squares share: a clear body and a scale along an edge.
    module Measure
      # Page units between two numbers of the scale, and how many small steps there are between them.
      SCALES = { "cm" => [ Usher::Page::CENTIMETRE, 10 ], "units" => [ 100.0, 10 ] }.freeze

      module_function

      def body(name, **attributes)
        Markup.tag(name, fill: Usher::Colour::PALE_BRASS, "fill-opacity": 0.72, stroke: Usher::Colour::BRASS, "stroke-width": 2, **attributes)
      end

      # Marks from the left along an edge at height 0; down into the body, or up when it lies above.
      def ticks(length:, unit:, up: false)
        gap, parts = SCALES.fetch(unit)
        step = gap / parts
        side = up ? -1 : 1
        count = ((length - gap / 2) / step).floor
        marks = (0..count).map { |n| "M#{Markup.number(gap / 4 + n * step)} 0v#{side * (n % parts == 0 ? 26 : n % 5 == 0 ? 19 : 12)}" }
        numbers = (0..count / parts).map do |n|
          Markup.tag("text", { x: gap / 4 + n * gap, y: up ? -32 : 46, "font-size": 18 }, unit == "cm" ? n.to_s : (n * 100).to_s)
        end
        Markup.tag("path", d: marks.join, stroke: Usher::Colour::INK, "stroke-width": 1.5, fill: "none") +
          Markup.tag("g", { "font-family": Usher::Text::Faces.family("read"), fill: Usher::Colour::INK, "text-anchor": "middle" }, numbers.join)
      end
    end
  end
end
