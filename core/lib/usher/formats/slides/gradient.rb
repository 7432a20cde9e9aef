module Usher
  module Formats
    module Slides
      # A fill that goes from colour to colour (SVG 2, 14.2).
      class Gradient
        include Paint

        RADIAL = %w[circle ellipse corners].freeze

        # kind: "linear", "circle", "ellipse", or "corners" for an ellipse that reaches the furthest corner; stops: [[share of
        # the way, "#rrggbb", opacity], ...], of which the first is at the beginning or in the middle; angle: of a linear one,
        # degrees clockwise, 0 is from left to right; centre: of the others, [across, down] in shares.
        def initialize(kind, stops, angle: 0, centre: [ 0.5, 0.5 ])
          @kind, @stops, @angle, @centre = kind, stops.sort_by.with_index { |stop, index| [ stop[0], index ] }, angle, centre
        end

        # As one colour, where no more is to be had.
        def mean = Paint.mean(@stops.map { |_, colour, _| colour })

        # See Paint.
        def definition(x, y, width, height, _scale = 1)
          RADIAL.include?(@kind) ? Markup.tag("radialGradient", { id: ID, **around(x, y, width, height) }, drawn_stops) : Markup.tag("linearGradient", { id: ID, gradientUnits: "userSpaceOnUse", **along(x, y, width, height) }, drawn_stops)
        end

        private

        def drawn_stops(stops = @stops)
          stops.map { |share, colour, opacity| Markup.tag("stop", offset: share.clamp(0, 1).round(4), "stop-color": colour, "stop-opacity": (opacity.round(3) if opacity < 1)) }.join
        end

        # Through the middle, as far as the corners.
        def along(x, y, width, height)
          turn = @angle * Math::PI / 180
          far = (width * Math.cos(turn).abs + height * Math.sin(turn).abs) / 2
          dx, dy = far * Math.cos(turn), far * Math.sin(turn)
          middle = [ x + width / 2.0, y + height / 2.0 ]
          { x1: middle[0] - dx, y1: middle[1] - dy, x2: middle[0] + dx, y2: middle[1] + dy }
        end

        # A circle that could go through the corners of the box, or an ellipse that could; or one as far as the furthest corner.
        def around(x, y, width, height)
          far = @kind == "ellipse" ? Math.sqrt(0.5) : Math.sqrt(@centre.sum { |share| [ share, 1 - share ].max**2 })
          return { gradientUnits: "objectBoundingBox", cx: @centre[0].round(4), cy: @centre[1].round(4), r: far.round(4) } unless @kind == "circle"
          { gradientUnits: "userSpaceOnUse", cx: x + width * @centre[0], cy: y + height * @centre[1], r: Math.hypot(width, height) / 2 }
        end
      end
    end
  end
end
