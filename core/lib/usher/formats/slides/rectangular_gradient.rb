module Usher
  module Formats
    module Slides
      # A gradient that goes from a rectangle within the box to the box's edges: what lies left and right of the middle, and
      # over it two wedges, above and below.
      class RectangularGradient < Gradient
        # inner: [left, top, right, bottom] of the rectangle in shares of the box, where the first stop is; centre: where the
        # middle of all of it lies, in shares of what is filled; angle: by which it is turned about that, degrees clockwise;
        # square: whether it is as wide as it is high; even: whether it comes as far in from all sides, so that the first stop is
        # on the line in the middle that is left then, in place of `inner`.
        def initialize(stops, inner: [ 0.5, 0.5, 0.5, 0.5 ], centre: [ 0.5, 0.5 ], angle: 0, square: false, even: false)
          super("rectangular", stops, angle: angle, centre: centre)
          @inner, @square, @even = inner, square, even
        end

        # See Paint.
        def definition(x, y, width, height, _scale = 1)
          box = reach(width, height)
          @inner = ridge(*box.last(2)) if @even
          shapes = level(*box) + upright(*box) + beyond(width, height) +
            Markup.tag("g", { transform: turn(width, height) }, Markup.tag("rect", { **sides(box), fill: "url(#level)" }) + Markup.tag("path", { d: wedges(*box), fill: "url(#upright)" }))
          Markup.tag("pattern", { id: ID, patternUnits: "userSpaceOnUse", x: x, y: y, width: width, height: height }, shapes)
        end

        private

        # Where all of it does not reach; nothing where it lets through.
        def beyond(width, height) = @stops.all? { |_, _, opacity| opacity == 1 } ? Markup.tag("rect", { width: width, height: height, fill: @stops.last[1] }) : ""

        def turn(width, height) = ("rotate(#{[ @angle, width * @centre[0], height * @centre[1] ].map { |n| n.round(2) }.join(' ')})" unless (@angle % 360).zero?)

        # The upright box about the centre that, turned, is as large as what is filled: [x, y, width, height].
        def reach(width, height)
          way = @angle * Math::PI / 180
          across, down = [ width * Math.cos(way).abs + height * Math.sin(way).abs, width * Math.sin(way).abs + height * Math.cos(way).abs ]
          across = down = [ across, down ].max if @square
          [ width * @centre[0] - across / 2, height * @centre[1] - down / 2, across, down ]
        end

        # As `inner`: a line along the longer side, where the shorter one is used up.
        def ridge(width, height)
          across, down = [ width, height ].map { |side| [ width, height ].min / 2.0 / side }
          [ across, down, 1 - across, 1 - down ]
        end

        def sides((x, y, width, height)) = { x: x, y: y, width: width, height: height }

        def level(x, y, width, _height) = along("level", [ x, y ], [ x + width, y ], @inner[0], @inner[2])
        def upright(x, y, _width, height) = along("upright", [ x, y ], [ x, y + height ], @inner[1], @inner[3])

        # From one edge to the other, with the first stop from `from` to `to` on the way.
        def along(id, (x1, y1), (x2, y2), from, to)
          ways = @stops.reverse.map { |share, *look| [ from * (1 - share), *look ] } + @stops.map { |share, *look| [ to + (1 - to) * share, *look ] }
          Markup.tag("linearGradient", { id: id, gradientUnits: "userSpaceOnUse", x1: x1, y1: y1, x2: x2, y2: y2 }, drawn_stops(ways))
        end

        def wedges(x, y, width, height)
          left, top, right, bottom = @inner.each_with_index.map { |share, side| side.even? ? x + width * share : y + height * share }
          place = ->(*points) { "M#{points.map { |point| point.map { |n| n.round(2) }.join(' ') }.join('L')}Z" }
          place.([ x, y ], [ x + width, y ], [ right, top ], [ left, top ]) + place.([ x, y + height ], [ x + width, y + height ], [ right, bottom ], [ left, bottom ])
        end
      end
    end
  end
end
