module Usher
  module Formats
    module Slides
      # A fill that goes from colour to colour, as an SVG paint server (SVG 2, 14.2).
      class Gradient
        ID = "fill".freeze
        RADIAL = %w[circle ellipse].freeze

        # kind: "linear", "circle" or "ellipse"; stops: [[share of the way, "#rrggbb", opacity], ...], of which the first is at
        # the beginning or in the middle; angle: of a linear one, degrees clockwise, 0 is from left to right; centre: of the
        # others, [across, down] in shares.
        def initialize(kind, stops, angle: 0, centre: [ 0.5, 0.5 ])
          @kind, @stops, @angle, @centre = kind, stops.sort_by.with_index { |stop, index| [ stop[0], index ] }, angle, centre
        end

        # As one colour, where no more is to be had.
        def mean = "##{@stops.map { |_, colour, _| colour.scan(/\h\h/).map(&:hex) }.transpose.map { |all| format('%02x', all.sum / all.size) }.join}"

        # Markup of what `url(#fill)` refers to, for a box in user units.
        def definition(x, y, width, height)
          stops = @stops.map { |share, colour, opacity| Markup.tag("stop", offset: share.clamp(0, 1).round(4), "stop-color": colour, "stop-opacity": (opacity.round(3) if opacity < 1)) }.join
          RADIAL.include?(@kind) ? Markup.tag("radialGradient", { id: ID, **around(x, y, width, height) }, stops) : Markup.tag("linearGradient", { id: ID, gradientUnits: "userSpaceOnUse", **along(x, y, width, height) }, stops)
        end

        # A whole drawing that is filled with it.
        def svg(width, height) = %(<svg xmlns="http://www.w3.org/2000/svg" width="#{width.round(2)}" height="#{height.round(2)}">#{definition(0, 0, width, height)}<rect width="#{width.round(2)}" height="#{height.round(2)}" fill="url(##{ID})"/></svg>)

        private

        # Through the middle, as far as the corners.
        def along(x, y, width, height)
          turn = @angle * Math::PI / 180
          far = (width * Math.cos(turn).abs + height * Math.sin(turn).abs) / 2
          dx, dy = far * Math.cos(turn), far * Math.sin(turn)
          middle = [ x + width / 2.0, y + height / 2.0 ]
          { x1: middle[0] - dx, y1: middle[1] - dy, x2: middle[0] + dx, y2: middle[1] + dy }
        end

        # A circle through the corners of a box about its middle, or an ellipse that is as wide and high as the box asks.
        def around(x, y, width, height)
          return { gradientUnits: "objectBoundingBox", cx: @centre[0].round(4), cy: @centre[1].round(4), r: Math.sqrt(@centre.sum { |share| [ share, 1 - share ].max**2 }).round(4) } if @kind == "ellipse"
          { gradientUnits: "userSpaceOnUse", cx: x + width * @centre[0], cy: y + height * @centre[1], r: Math.hypot(width, height) / 2 }
        end
      end
    end
  end
end
