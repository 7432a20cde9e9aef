module Usher
  module Items
    # A curve from end to end, bent by two handles: a cubic Bézier curve. Its knots (end, handle,
    # handle, end) are shares of the box, which is always tight around what is seen.
    class Curve < Item
      include Heads
      prepend Clipped

      def self.by_knots? = true

      KNOT = Types::List.new(Types::Number.new(-1_000..1_000, digits: 4), 2..2)
      SAMPLES = 24

      attribute :shares, Types::List.new(KNOT, 4..4), default: [ [ 0, 1 ], [ 0.35, -0.35 ], [ 0.65, -0.35 ], [ 1, 1 ] ]
      attribute :stroke, Types::Colour.new, default: Colour::INK
      attribute :stroke_width, Types::Number.new(Usher::Ink::STROKE_WIDTHS), default: 5
      attribute :dash, Dash::Type.new, default: "solid"
      attribute :opacity, Types::Number.new(0.05..1), default: 1
      attribute :heads, Types::Choice.new("none", "end", "both"), default: "none", spare: true

      # The values of a curve with these four knots on the page: [[x, y], ...].
      def self.through(knots)
        box = Geometry::Box.around(samples(knots))
        sides = [ box.width, box.height ].map { |side| [ side, 1 ].max }
        shares = knots.map { |x, y| [ ((x - box.x) / sides[0]).round(4), ((y - box.y) / sides[1]).round(4) ] }
        { "x" => box.x.round(2), "y" => box.y.round(2), "width" => sides[0].round(2), "height" => sides[1].round(2), "angle" => 0, "shares" => shares }
      end

      # Places along the curve: [[x, y], ...].
      def self.samples((a, b, c, d))
        (0..SAMPLES).map do |step|
          t = step.fdiv(SAMPLES)
          u = 1 - t
          [ 0, 1 ].map { |axis| u**3 * a[axis] + 3 * u * u * t * b[axis] + 3 * u * t * t * c[axis] + t**3 * d[axis] }
        end
      end

      # The line ends under its heads, which point the way it comes in.
      def draw
        a, b, c, d = shares.map { |across, down| [ across * width, down * height ] }
        start, a = heads == "both" ? tipped(b, a) : [ "", a ]
        finish, d = heads == "none" ? [ "", d ] : tipped(c, d)
        points = [ a, b, c, d ].map { |point| point.map { |n| Markup.number(n) }.join(" ") }
        line = Markup.tag("path", d: "M#{points[0]}C#{points.drop(1).join(' ')}", fill: "none", stroke: stroke, "stroke-width": stroke_width, "stroke-linecap": Dash.cap(dash),
          "stroke-dasharray": Dash.array(dash, stroke_width), opacity: (opacity if opacity < 1 && heads == "none"))
        heads == "none" ? line : Markup.tag("g", { opacity: (opacity if opacity < 1) }, line + start + finish)
      end

      def filled(colour) = { "stroke" => colour }

      def outline(**) = Geometry::Polyline.new([ knots.first, *Geometry::Polyline.bezier(knots) ])

      def flipped(axis) = { "shares" => shares.map { |across, down| axis == "across" ? [ 1 - across, down ] : [ across, 1 - down ] } }

      def knots = shares.map { |share| on_page(share) }

      def bent(index, point)
        raise Invalid, "A curve has two ends and two handles." unless index < 4
        Curve.through(knots.tap { |points| points[index] = point })
      end

      private

      # A head at an end that its handle leads to.
      def tipped(handle, tip) = head(led(handle, tip), tip)

      # One that lies on its end is led to by the middle.
      def led(handle, tip) = handle == tip ? [ width / 2.0, height / 2.0 ] : handle

      # Where each head points: [[from, tip], ...].
      def headed
        a, b, c, d = shares.map { |across, down| [ across * width, down * height ] }
        { "none" => [], "end" => [ [ led(c, d), d ] ], "both" => [ [ led(c, d), d ], [ led(b, a), a ] ] }.fetch(heads)
      end
    end
  end
end
