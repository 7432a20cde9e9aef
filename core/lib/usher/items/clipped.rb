module Usher
  module Items
    # Plain shapes and lines of which a part lies under covers: devices get what is left of them. `hidden` holds the corners
    # of the covers over it, in its own units; under more than there is room for, nothing is left. Prepended by such kinds.
    module Clipped
      include Redacted

      WHOLE = [ [ -1e6, -1e6, 1e6, -1e6, 1e6, 1e6, -1e6, 1e6 ] ].freeze

      def self.prepended(kind) = kind.attribute(:hidden, Veil::TYPE, default: [], spare: true)

      def hidden_by(covers)
        over = covers.map(&:box).select { |cover| cover.meets?(around) }
        over.size > Veil::MOST ? WHOLE : over.map { |cover| cover.corners.flat_map { |corner| box.to_local(corner) }.map { |n| n.to_f.round(4) } }
      end

      def draw = redacted? ? left_over : super
      def label = redacted? ? "#{self.class.kind.tr('_', ' ').capitalize}, partly covered" : super
      def hints = redacted? ? super.except("knots", "edges") : super

      private

      # Its box, and what is drawn beyond that: half a line, and the corners of heads.
      def around
        room = [ stroke_width * Heads::HEAD, Heads::LEAST ].max
        Geometry::Box.new(x - room, y - room, width + 2 * room, height + 2 * room, angle)
      end

      def quads = hidden.map { |part| part.each_slice(2).to_a }

      # In its own units.
      def edge = respond_to?(:rim, true) ? [ rim, true ] : outline.then { |line| [ line.points.map { |point| box.to_local(point) }, line.closed? ] }

      def left_over
        points, closed = edge
        shown = Geometry::Clip.polyline(closed ? [ *points, points.first ] : points, quads, margin: stroke_width / 2.0)
        Markup.tag("g", { opacity: (opacity if opacity < 1) }, inside(points, closed) + line(shown) + heads_left)
      end

      def inside(points, closed)
        return "" unless closed && fill != "none"
        Markup.tag("path", d: Geometry::Clip.polygon(points, quads).map { |piece| "#{through(piece)}Z" }.join, fill: fill)
      end

      def line(pieces)
        return "" if stroke == "none" || stroke_width.zero?
        Markup.tag("path", d: pieces.map { |piece| through(piece) }.join, fill: "none", stroke: stroke, "stroke-width": stroke_width, "stroke-linejoin": "round",
          "stroke-linecap": Dash.cap(dash, solid: nil), "stroke-dasharray": Dash.array(dash, stroke_width))
      end

      # Heads of which nothing is hidden.
      def heads_left
        return "" unless respond_to?(:headed, true)
        headed.filter_map { |from, tip| head(from, tip).first if clear?(head_corners(from, tip)) }.join
      end

      def clear?(corners) = [ *corners, corners.first ].then { |round| Geometry::Clip.polyline(round, quads) == [ round ] }

      def through(points) = "M#{points.map { |at, down| "#{Markup.number(at)} #{Markup.number(down)}" }.join('L')}"
    end
  end
end
