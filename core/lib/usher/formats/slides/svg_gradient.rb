module Usher
  module Formats
    module Slides
      # A fill that goes from colour to colour as SVG says it (SVG 2, 14.2), in shares of the box it fills.
      class SvgGradient
        include Paint

        PLACES = { "linearGradient" => { x1: 0, y1: 0, x2: 1, y2: 0 }, "radialGradient" => { cx: 0.5, cy: 0.5, r: 0.5 } }.freeze

        # kind: a key of PLACES; places: some of those, in shares; stops: [[share of the way, "#rrggbb", opacity], ...].
        def initialize(kind, places, stops)
          @kind, @places, @stops = kind, PLACES.fetch(kind).merge(places.compact), stops
        end

        # As one colour, where no more is to be had.
        def mean = Paint.mean(@stops.map { |_, colour, _| colour })

        # See Paint.
        def definition(*)
          stops = @stops.map { |share, colour, opacity| Markup.tag("stop", offset: share.clamp(0, 1).round(4), "stop-color": colour, "stop-opacity": (opacity.round(3) if opacity < 1)) }
          Markup.tag(@kind, { id: ID, gradientUnits: "objectBoundingBox", **@places.transform_values { |share| share.clamp(-20, 20).round(4) } }, stops.join)
        end
      end
    end
  end
end
