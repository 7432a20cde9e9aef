module Usher
  module Formats
    module Slides
      # Plain forms.
      module Presets
        draws("rect") { rectangle(0, 0, w, h) }
        draws("ellipse") { ellipse(w / 2, h / 2, w / 2, h / 2) }
        draws("triangle", adj1: 0.5) { polygon(w * bend(:adj1, 1), 0, w, h, 0, h) }
        draws("rtTriangle") { polygon(0, 0, w, h, 0, h); words(w / 12, h * 7 / 12, w * 7 / 12, h * 11 / 12) }
        draws("diamond") { polygon(w / 2, 0, w, h / 2, w / 2, h, 0, h / 2) }
        draws("parallelogram", adj1: 0.25) { x = s * bend(:adj1, w / s); polygon(x, 0, w, 0, w - x, h, 0, h); words(*(w * (1 + 5 * x / w) / 12).then { |left| [ left, left * h / w, w - left, h - left * h / w ] }) }
        draws("trapezoid", adj1: 0.25) { x = s * bend(:adj1, w / 2 / s); polygon(x, 0, w - x, 0, w, h, 0, h); words(w / 3 * x / (w / 2), h / 3 * x / (w / 2), w - w / 3 * x / (w / 2), h) }
        draws("pentagon") { polygon(w / 2, 0, w, h * 0.382, w * 0.809, h, w * 0.191, h, 0, h * 0.382); words(w * 0.191, h * 0.236, w * 0.809, h) }
        draws("bevel", adj1: 0.125) do
          x = s * bend(:adj1, 0.5)
          words(x, x, w - x, h - x)
          rectangle(x, x, w - 2 * x, h - 2 * x)
          [ [ 0.2, [ 0, 0, w, 0, w - x, x, x, x ] ], [ -0.2, [ 0, h, x, h - x, w - x, h - x, w, h ] ], [ 0.4, [ 0, 0, x, x, x, h - x, 0, h ] ], [ -0.4, [ w, 0, w, h, w - x, h - x, w - x, x ] ] ].each { |shade, places| also(shade: shade); polygon(*places) }
        end
        draws("can", adj1: 0.25) do
          y = s * bend(:adj1, h / s / 2) / 2
          also(stroke: false); move(0, y); arc(w / 2, y, 180, -180); line(w, h - y); arc(w / 2, y, 0, 180); close
          also(shade: 0.2, stroke: false); ellipse(w / 2, y, w / 2, y)
          lines; move(w, y); arc(w / 2, y, 0, 180); arc(w / 2, y, 180, 180); line(w, h - y); arc(w / 2, y, 0, 180); line(0, y)
          words(0, 2 * y, w, h - y)
        end
        draws("cube", adj1: 0.25) do
          x = s * bend(:adj1, 1)
          rectangle(0, x, w - x, h - x)
          also(shade: 0.2); polygon(0, x, x, 0, w, 0, w - x, x)
          also(shade: -0.2); polygon(w - x, x, w, 0, w, h - x, w - x, h)
          words(0, x, w - x, h)
        end
        draws("foldedCorner", adj1: 0.16667) do
          x = s * bend(:adj1, 0.5)
          also(stroke: false); polygon(0, 0, w, 0, w, h - x, w - x, h, 0, h)
          also(shade: -0.2, stroke: false); polygon(w - x, h, w - x * 0.8, h - x * 0.8, w, h - x)
          lines; move(w - x, h); line(w - x * 0.8, h - x * 0.8, w, h - x, w - x, h, 0, h, 0, 0, w, 0, w, h - x)
          words(0, 0, w, h - x)
        end
        draws("lineInv") { lines; move(0, h); line(w, 0) }
        draws("nonIsoscelesTrapezoid", adj1: 0.25, adj2: 0.25) do
          left, right = %i[adj1 adj2].map { |name| s * bend(name, w / 2 / s) }
          words(left * 2 / 3, h / 3 * [ left, right ].max / (w / 2), w - right * 2 / 3, h)
          polygon(left, 0, w - right, 0, w, h, 0, h)
        end
        draws("hexagon", adj1: 0.25) do
          x, most = s * bend(:adj1, w / 2 / s), w / 2
          room = x > most / 2 ? 4 - 2 * (2 * x - most) / most : 2 + 2 * x / most # in 24ths of the box
          words(w * room / 24, h * room / 24, w - w * room / 24, h - h * room / 24)
          polygon(0, h / 2, x, 0, w - x, 0, w, h / 2, w - x, h, x, h)
        end
        draws("heptagon") do
          places = Items::Polygon.regular(7).map { |x, y| [ x * w, y * h ] }
          words(places[6][0], places[6][1], places[1][0], h - places[6][1])
          polygon(*places.flatten)
        end
        draws("octagon", adj1: 0.29289) { x = s * bend(:adj1, 0.5); words(x / 2, x / 2, w - x / 2, h - x / 2); polygon(0, x, x, 0, w - x, 0, w, x, w, h - x, w - x, h, x, h, 0, h - x) }
        # A corner to the left and one to the right; an edge at each side.
        draws("decagon") do
          a, b, c, d = [ 36, 72 ].flat_map { |turn| [ Math.cos(turn * Math::PI / 180) / 2, Math.sin(turn * Math::PI / 180) * 0.52573 ] }
          places = [ [ 0, 0.5 ], [ 0.5 - a, 0.5 - b ], [ 0.5 - c, 0.5 - d ], [ 0.5 + c, 0.5 - d ], [ 0.5 + a, 0.5 - b ] ]
          words(w * (0.5 - a), h * (0.5 - b), w * (0.5 + a), h * (0.5 + b))
          polygon(*[ *places, *places.map { |x, y| [ 1 - x, 1 - y ] } ].flat_map { |x, y| [ w * x, h * y ] })
        end
        draws("dodecagon") do
          near, far = 2_894 / 21_600.0, 7_906 / 21_600.0
          quarter = [ [ 0, far ], [ near, near ], [ far, 0 ] ]
          half = [ *quarter, *quarter.reverse.map { |x, y| [ 1 - x, y ] } ]
          words(w * near, h * near, w * (1 - near), h * (1 - near))
          polygon(*[ *half, *half.map { |x, y| [ 1 - x, 1 - y ] } ].flat_map { |x, y| [ w * x, h * y ] })
        end
        draws("plus", adj1: 0.25) do
          x = s * bend(:adj1, 0.5)
          w > h ? words(0, x, w, h - x) : words(x, 0, w - x, h)
          polygon(x, 0, w - x, 0, w - x, x, w, x, w, h - x, w - x, h - x, w - x, h, x, h, x, h - x, 0, h - x, 0, x, x, x)
        end
        draws("corner", adj1: 0.5, adj2: 0.5) do
          x, y = s * bend(:adj2, w / s), s * bend(:adj1, h / s)
          w > h ? words(0, h - y, w, h) : words(0, 0, x, h)
          polygon(0, 0, x, 0, x, h - y, w, h - y, w, h, 0, h)
        end
        draws("diagStripe", adj1: 0.5) { a = bend(:adj1, 1); words(0, 0, w * (1 + a) / 2, h * (1 + a) / 2); polygon(0, h * a, w * a, 0, w, 0, 0, h) }
        draws("halfFrame", adj1: 0.33333, adj2: 0.33333) do
          x = s * bend(:adj2, w / s)
          y = s * bend(:adj1, (h - h * x / w) / s)
          polygon(0, 0, w, 0, w - y * w / h, y, x, y, x, h - x * h / w, 0, h)
        end
        draws("frame", adj1: 0.125) { x = s * bend(:adj1, 0.5); words(x, x, w - x, h - x); rectangle(0, 0, w, h); polygon(x, x, x, h - x, w - x, h - x, w - x, x) }
        draws("plaque", adj1: 0.16667) do
          x = s * bend(:adj1, 0.5)
          room = x * Math.sqrt(0.5)
          words(room, room, w - room, h - room)
          move(0, x); arc(x, x, 90, -90); line(w - x, 0); arc(x, x, 180, -90); line(w, h - x); arc(x, x, 270, -90); line(x, h); arc(x, x, 0, -90); close
        end
      end
    end
  end
end
