require "digest"

module Usher
  module Formats
    module Slides
      # What was drawn freely, as items: a polygon where it is one, ink where it is open; what is more than
      # these can be, such as a form with holes, as a drawing.
      class FreeForm
        APART = 8 # page units between the points of ink, which is drawn smooth, so that it keeps its corners

        # outline: with points in page units; scale: page units of a point.
        def initialize(outline, look, scale)
          @look, @scale = look, scale
          @parts = outline.parts.map { |part| Outline::Part.new(thin(part.points), part.closed || look.fill != "none") }.select { |part| part.points.size > 1 }
        end

        # Values of items. Drawings among them are kept with `keep`: it is given a name and bytes.
        def items(&keep)
          return @parts.map { |part| ink(part) } unless area?
          return [ Items::Polygon.through(@parts[0].points).merge("kind" => "polygon", **@look.shape(@scale)) ] if @parts.one? && @parts[0].points.size <= Items::Polygon::MOST
          [ drawing(&keep) ]
        end

        private

        def area? = @parts.any? { |part| part.points.size > 2 } && @parts.all?(&:closed)

        # As few corners as say the same.
        def thin(points)
          points = Geometry::Polyline.simplify(points.chunk { |point| point }.map(&:first))
          points.size > 3 && points.first == points.last ? points[0...-1] : points
        end

        def ink(part)
          way = part.closed ? [ *part.points, part.points.first ] : part.points
          close = way.each_cons(2).flat_map do |(ax, ay), (bx, by)|
            steps = (Math.hypot(bx - ax, by - ay) / APART).ceil.clamp(1, 200)
            Array.new(steps) { |step| [ ax + (bx - ax) * step / steps, ay + (by - ay) * step / steps ] }
          end
          { "kind" => "ink", "points" => [ *close, way.last ].first(Types::Points::MAX), **@look.ink(@scale) }
        end

        # Outlines that cut holes into each other.
        def drawing
          edge = @look.edge(@scale)
          around = Geometry::Box.around(@parts.flat_map(&:points))
          x, y, width, height = [ around.x - edge, around.y - edge, around.width + 2 * edge, around.height + 2 * edge ].map { |n| n.round(2) }
          data = @parts.map { |part| "M#{part.points.map { |px, py| "#{(px - x).round(2)} #{(py - y).round(2)}" }.join('L')}Z" }.join
          svg = Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", width: width, height: height, viewBox: "0 0 #{width} #{height}" },
            Markup.tag("path", d: data, fill: @look.fill, stroke: @look.stroke, "stroke-width": edge, "fill-rule": "evenodd"))
          name = "form-#{Digest::SHA256.hexdigest(svg)[0, 24]}.svg"
          yield name, svg
          { "kind" => "picture", "picture" => name, "opacity" => @look.opacity.clamp(0.05, 1), "x" => x, "y" => y, "width" => width, "height" => height }
        end
      end
    end
  end
end
