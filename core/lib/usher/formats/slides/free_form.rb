module Usher
  module Formats
    module Slides
      # What was drawn freely, as items: a polygon where it is one, ink where it is open; what is more than these can be
      # (holes, several shades, gradients, dashes, heads on a curve) as a drawing.
      class FreeForm
        APART = 8 # page units between the points of ink, which is drawn smooth, so that it keeps its corners
        CLOSE = [ Geometry::Polyline::TOLERANCE, 0.1, 0.25, 0.5, 1.0 ].freeze # page units, tried in turn
        HEAD = 3.5 # times the stroke width, of an arrow's head

        # outline: with points in page units; scale: page units of a point.
        def initialize(outline, look, scale)
          @look, @scale = look, scale
          @parts = outline.parts.map { |part| part.dup.tap { |own| own.points = thin(part.points) } }.select { |part| part.points.size > 1 }
          @parts.each { |part| part.fill ||= look.stroke == "none" } # without a line an open one would be nothing at all
          @parts.each { |part| part.closed ||= filled?(part) && part.points.size > 2 }
        end

        # Values of items. Drawings among them are kept with `keep`: it is given a name and bytes.
        def items(&keep)
          return [] if @parts.empty? || !@look.seen?
          return @parts.map { |part| ink(part) } if @parts.all? { |part| !part.closed && part.stroke } && plain_line?
          return @look.parts.map { |look| Items::Polygon.through(@parts[0].points).merge("kind" => "polygon", **look.shape(@scale)) } if polygon?
          [ drawing(&keep) ]
        end

        private

        def filled?(part) = part.fill && @look.fill != "none"
        def plain_line? = @look.dash == "solid" && @look.heads.nil?
        def polygon? = @look.paint.nil? && @parts.one? && @parts[0].points.size.between?(3, Items::Polygon::MOST) && @parts[0].then { |part| part.closed && part.fill && part.stroke && part.shade.to_f.zero? }

        # As few corners as say the same, or nearly so where that makes a polygon of it.
        def thin(points)
          points = points.chunk { |point| point }.map(&:first)
          points = CLOSE.lazy.map { |tolerance| Geometry::Polyline.simplify(points, tolerance: tolerance) }.find { |few| few.size <= Items::Polygon::MOST } || Geometry::Polyline.simplify(points)
          points.size > 3 && points.first == points.last ? points[0...-1] : points
        end

        def ink(part)
          close = part.points.each_cons(2).flat_map do |(ax, ay), (bx, by)|
            steps = (Math.hypot(bx - ax, by - ay) / APART).ceil.clamp(1, 200)
            Array.new(steps) { |step| [ ax + (bx - ax) * step / steps, ay + (by - ay) * step / steps ] }
          end
          { "kind" => "ink", "points" => [ *close, part.points.last ].first(Types::Points::MAX), **@look.ink(@scale) }
        end

        # Each run of parts, which cut holes into each other, and the heads of open ones.
        def drawing
          edge = [ @look.edge(@scale), 0 ].max
          room = @look.heads ? head_length(edge) : edge
          around = Geometry::Box.around(@parts.flat_map(&:points))
          x, y, width, height = [ around.x - room, around.y - room, [ around.width + 2 * room, 1 ].max, [ around.height + 2 * room, 1 ].max ].map { |n| n.round(2) }
          place = ->((px, py)) { "#{(px - x).round(2)} #{(py - y).round(2)}" }
          drawn = @parts.chunk_while { |one, other| one.run == other.run }.map { |run| path(run, place, edge) }.join + heads(place, edge)
          drawn = @look.paint.definition(room, room, around.width, around.height, @scale) + drawn if @look.paint
          svg = %(<svg xmlns="http://www.w3.org/2000/svg" width="#{width}" height="#{height}" viewBox="0 0 #{width} #{height}">#{drawn}</svg>)
          name = Slides.own_name(svg)
          yield name, svg
          { "kind" => "picture", "picture" => name, "x" => x, "y" => y, "width" => width, "height" => height }
        end

        def path(run, place, edge)
          data = run.map { |part| "M#{part.points.map(&place).join('L')}#{'Z' if part.closed}" }.join
          Markup.tag("path", d: data, fill: filled?(run[0]) ? shaded(run[0].shade.to_f) : "none", "fill-opacity": (@look.opacity if @look.opacity < 1), stroke: run[0].stroke && edge.positive? ? @look.stroke : "none", "stroke-width": edge.round(2), "fill-rule": "evenodd",
            "stroke-linejoin": "round", "stroke-dasharray": Items::Dash.array(@look.dash, edge), "stroke-linecap": Items::Dash.cap(@look.dash, solid: nil))
        end

        # The fill, so much lighter or darker.
        def shaded(by)
          return Paint::URL if @look.paint && by.zero?
          return @look.fill if by.zero?
          "##{@look.fill.scan(/\h\h/).map { |part| format('%02x', (by.positive? ? part.hex + (255 - part.hex) * by : part.hex * (1 + by)).round) }.join}"
        end

        def heads(place, edge)
          return "" unless @look.heads && edge.positive?
          @parts.reject(&:closed).flat_map do |part|
            ends = { "start" => part.points.first(2).reverse, "end" => part.points.last(2) }
            ends.slice(*(@look.heads == "both" ? ends.keys : [ @look.heads ])).values.map { |from, to| head(from, to, head_length(edge)) }
          end.map { |corners| Markup.tag("path", d: "M#{corners.map(&place).join('L')}Z", fill: @look.stroke) }.join
        end

        def head_length(edge) = [ edge * HEAD, Items::Heads::LEAST ].max

        def head((ax, ay), (bx, by), size)
          far = [ Math.hypot(bx - ax, by - ay), 0.01 ].max
          dx, dy = (bx - ax) / far * size, (by - ay) / far * size
          [ [ bx + dx * 0.3, by + dy * 0.3 ], [ bx - dx * 0.7 - dy / 2, by - dy * 0.7 + dx / 2 ], [ bx - dx * 0.7 + dy / 2, by - dy * 0.7 - dx / 2 ] ]
        end
      end
    end
  end
end
