module Usher
  module Formats
    module Slides
      # Plain forms.
      module Presets
        draws("rect") { rectangle(0, 0, w, h) }
        draws("ellipse") { ellipse(w / 2, h / 2, w / 2, h / 2) }
        draws("roundRect", adj1: 0.16667) { x = s * bend(:adj1, 0.5); move(0, x); arc(x, x, 180, 90); line(w - x, 0); arc(x, x, 270, 90); line(w, h - x); arc(x, x, 0, 90); line(x, h); arc(x, x, 90, 90); close }
        draws("triangle", adj1: 0.5) { polygon(w * bend(:adj1, 1), 0, w, h, 0, h) }
        draws("rtTriangle") { polygon(0, 0, w, h, 0, h); words(w / 12, h * 7 / 12, w * 7 / 12, h * 11 / 12) }
        draws("diamond") { polygon(w / 2, 0, w, h / 2, w / 2, h, 0, h / 2) }
        draws("parallelogram", adj1: 0.25) { x = s * bend(:adj1, w / s); polygon(x, 0, w, 0, w - x, h, 0, h); words(*(w * (1 + 5 * x / w) / 12).then { |left| [ left, left * h / w, w - left, h - left * h / w ] }) }
        draws("trapezoid", adj1: 0.25) { x = s * bend(:adj1, w / 2 / s); polygon(x, 0, w - x, 0, w, h, 0, h); words(w / 3 * x / (w / 2), h / 3 * x / (w / 2), w - w / 3 * x / (w / 2), h) }
        draws("nonIsoscelesTrapezoid", adj1: 0.25, adj2: 0.25) { polygon(s * bend(:adj1, w / 2 / s), 0, w - s * bend(:adj2, w / 2 / s), 0, w, h, 0, h) }
        draws("pentagon") { polygon(w / 2, 0, w, h * 0.382, w * 0.809, h, w * 0.191, h, 0, h * 0.382); words(w * 0.191, h * 0.236, w * 0.809, h) }
        draws("hexagon", adj1: 0.25) { x = s * bend(:adj1, w / 2 / s); polygon(0, h / 2, x, 0, w - x, 0, w, h / 2, w - x, h, x, h) }
        draws("octagon", adj1: 0.29289) { x = s * bend(:adj1, 0.5); polygon(0, x, x, 0, w - x, 0, w, x, w, h - x, w - x, h, x, h, 0, h - x) }
        { "heptagon" => 7, "decagon" => 10, "dodecagon" => 12 }.each { |name, sides| draws(name) { polygon(*Items::Polygon.regular(sides).flat_map { |x, y| [ x * w, y * h ] }) } }
        draws("plus", adj1: 0.25) { x = s * bend(:adj1, 0.5); polygon(x, 0, w - x, 0, w - x, x, w, x, w, h - x, w - x, h - x, w - x, h, x, h, x, h - x, 0, h - x, 0, x, x, x) }
        draws("corner", adj1: 0.5, adj2: 0.5) { x, y = s * bend(:adj2, w / s), s * bend(:adj1, h / s); polygon(0, 0, x, 0, x, h - y, w, h - y, w, h, 0, h) }
        draws("diagStripe", adj1: 0.5) { a = bend(:adj1, 1); polygon(0, h * a, w * a, 0, w, 0, 0, h) }
        draws("halfFrame", adj1: 0.33333, adj2: 0.33333) { x, y = s * bend(:adj2, w / s), s * bend(:adj1, h / s); polygon(0, 0, w, 0, w - y * w / h, y, x, y, x, h - x * h / w, 0, h) }
        draws("frame", adj1: 0.125) { x = s * bend(:adj1, 0.5); rectangle(0, 0, w, h); polygon(x, x, x, h - x, w - x, h - x, w - x, x) }
        draws("bevel", adj1: 0.125) do
          x = s * bend(:adj1, 0.5)
          rectangle(x, x, w - 2 * x, h - 2 * x)
          [ [ 0.2, [ 0, 0, w, 0, w - x, x, x, x ] ], [ -0.2, [ 0, h, x, h - x, w - x, h - x, w, h ] ], [ 0.4, [ 0, 0, x, x, x, h - x, 0, h ] ], [ -0.4, [ w, 0, w, h, w - x, h - x, w - x, x ] ] ].each { |shade, places| also(shade: shade); polygon(*places) }
        end
        draws("donut", adj1: 0.25) { x = s * bend(:adj1, 0.5); ellipse(w / 2, h / 2, w / 2, h / 2); ellipse(w / 2, h / 2, w / 2 - x, h / 2 - x) }
        draws("noSmoking", adj1: 0.1875) do
          x = s * bend(:adj1, 0.5)
          across, down = w / 2 - x, h / 2 - x
          ellipse(w / 2, h / 2, w / 2, h / 2)
          half = Math.asin([ x / 2 / [ across, down ].min, 1 ].min) * 180 / Math::PI
          [ 45 + half, 225 + half ].each { |from| outline.around([ w / 2, h / 2 ], across, down, from, 180 - 2 * half, begins: true); close }
        end
        draws("blockArc", adj1: 108.0, adj2: 0.0, adj3: 0.25) do
          from, to, x = angle(:adj1), angle(:adj2), s * bend(:adj3, 0.5)
          by = (to - from) % 360
          by = 360 if by.zero?
          outline.around([ w / 2, h / 2 ], w / 2, h / 2, from, by, begins: true)
          outline.around([ w / 2, h / 2 ], w / 2 - x, h / 2 - x, from + by, -by)
          close
        end
        draws("arc", adj1: 162.0, adj2: 0.0) do
          from = angle(:adj1)
          by = (angle(:adj2) - from) % 360
          also(stroke: false); outline.around([ w / 2, h / 2 ], w / 2, h / 2, from, by, begins: true); line(w / 2, h / 2); close
          lines; outline.around([ w / 2, h / 2 ], w / 2, h / 2, from, by, begins: true)
        end
        draws("pie", adj1: 0.0, adj2: 162.0) { from = angle(:adj1); outline.around([ w / 2, h / 2 ], w / 2, h / 2, from, (angle(:adj2) - from) % 360, begins: true); line(w / 2, h / 2); close }
        draws("pieWedge") { move(0, h); arc(w, h, 180, 90); line(w, h); close }
        draws("chord", adj1: 27.0, adj2: 162.0) { from = angle(:adj1); outline.around([ w / 2, h / 2 ], w / 2, h / 2, from, (angle(:adj2) - from) % 360, begins: true); close }
        draws("teardrop", adj1: 1.0) { x = bend(:adj1, 2); move(0, h / 2); arc(w / 2, h / 2, 180, 90); curve(w * 3 / 4, 0, w / 2 + w / 2 * x, h / 2 - h / 2 * x) if x.positive?; curve(w, h / 4, w, h / 2); arc(w / 2, h / 2, 0, 90); arc(w / 2, h / 2, 90, 90); close }
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
        draws("plaque", adj1: 0.16667) { x = s * bend(:adj1, 0.5); move(0, x); arc(x, x, 90, -90); line(w - x, 0); arc(x, x, 180, -90); line(w, h - x); arc(x, x, 270, -90); line(x, h); arc(x, x, 0, -90); close }
        # Corners cut straight or round: how far at the top left, top right, bottom right and bottom left.
        cut = ->(pen, corners, round) do
          a, b, c, d = corners
          pen.instance_exec do
            move(0, a)
            round ? arc(a, a, 180, 90) : line(a, 0)
            line(w - b, 0)
            round ? arc(b, b, 270, 90) : line(w, b)
            line(w, h - c)
            round ? arc(c, c, 0, 90) : line(w - c, h)
            line(d, h)
            round ? arc(d, d, 90, 90) : line(0, h - d)
            close
          end
        end
        draws("roundRect", adj1: 0.16667) { x = s * bend(:adj1, 0.5); cut.(self, [ x ] * 4, true) }
        draws("round1Rect", adj1: 0.16667) { cut.(self, [ 0, s * bend(:adj1, 0.5), 0, 0 ], true) }
        draws("round2SameRect", adj1: 0.16667, adj2: 0.0) { x, y = s * bend(:adj1, 0.5), s * bend(:adj2, 0.5); cut.(self, [ x, x, y, y ], true) }
        draws("round2DiagRect", adj1: 0.16667, adj2: 0.0) { x, y = s * bend(:adj1, 0.5), s * bend(:adj2, 0.5); cut.(self, [ x, y, x, y ], true) }
        draws("snip1Rect", adj1: 0.16667) { cut.(self, [ 0, s * bend(:adj1, 0.5), 0, 0 ], false) }
        draws("snip2SameRect", adj1: 0.16667, adj2: 0.0) { x, y = s * bend(:adj1, 0.5), s * bend(:adj2, 0.5); cut.(self, [ x, x, y, y ], false) }
        draws("snip2DiagRect", adj1: 0.0, adj2: 0.16667) { x, y = s * bend(:adj1, 0.5), s * bend(:adj2, 0.5); cut.(self, [ x, y, x, y ], false) }
        draws("snipRoundRect", adj1: 0.16667, adj2: 0.16667) { x, y = s * bend(:adj1, 0.5), s * bend(:adj2, 0.5); move(0, x); arc(x, x, 180, 90); line(w - y, 0, w, y, w, h, 0, h); close }
        draws("heart") { move(w / 2, h / 4); curve(w * 0.7083, -h / 3, w * 1.5104, h / 4, w / 2, h); curve(-w * 0.5104, h / 4, w * 0.2917, -h / 3, w / 2, h / 4); close; words(w / 6, h / 4, w * 5 / 6, h * 2 / 3) }
        draws("moon", adj1: 0.5) { x = w * bend(:adj1, 0.875); move(w, h); arc(w, h / 2, 90, 180); curve(w - (w - x) * 0.75, h * 0.15, x, h * 0.3, x, h / 2); curve(x, h * 0.7, w - (w - x) * 0.75, h * 0.85, w, h); close }
        draws("lightningBolt") { polygon(*[ 8472, 0, 12860, 6080, 11050, 6797, 16577, 12007, 14767, 12877, 21600, 21600, 10012, 14915, 12222, 13987, 5022, 9705, 7602, 8382, 0, 3890 ].each_slice(2).flat_map { |x, y| [ w * x / 21_600, h * y / 21_600 ] }) }
        draws("smileyFace", adj1: 0.04653) do
          ellipse(w / 2, h / 2, w / 2, h / 2)
          also(shade: -0.2); [ 0.34, 0.66 ].each { |x| ellipse(w * x, h * 0.35, w * 0.052, h * 0.052) }
          lines; y = h * bend(:adj1, 0.04653, -0.04653); move(w * 0.23, h * 0.766 - y); curve(w / 2, h * 0.766 + 3 * y, w * 0.77, h * 0.766 - y)
        end
        draws("sun", adj1: 0.25) do
          inner = 0.5 - bend(:adj1, 0.46875, 0.125)
          ellipse(w / 2, h / 2, w * inner, h * inner)
          8.times { |ray| polygon(*[ [ 0.5, 0 ], [ inner * 1.22, 10.5 ], [ inner * 1.22, -10.5 ] ].flat_map { |far, off| a = (ray * 45 + off) * Math::PI / 180; [ w / 2 + w * far * Math.cos(a), h / 2 + h * far * Math.sin(a) ] }) }
        end
        # The outline of round bumps, each across and down, with its radii; in shares, reckoned once.
        BUMPS = [ [ 0.30, 0.32, 0.2, 0.24 ], [ 0.5, 0.22, 0.18, 0.22 ], [ 0.7, 0.24, 0.19, 0.24 ], [ 0.83, 0.42, 0.17, 0.22 ], [ 0.78, 0.66, 0.2, 0.24 ], [ 0.55, 0.77, 0.2, 0.23 ], [ 0.32, 0.74, 0.2, 0.22 ], [ 0.17, 0.6, 0.17, 0.2 ], [ 0.15, 0.42, 0.14, 0.18 ] ].freeze
        CLOUD = (0...120).map do |step|
          across, down = Math.cos(step * Math::PI / 60), Math.sin(step * Math::PI / 60)
          far = 100.downto(1).map { |n| n * 0.0055 }.find { |r| BUMPS.any? { |x, y, rx, ry| ((0.5 + r * across - x) / rx)**2 + ((0.5 + r * down - y) / ry)**2 <= 1 } }
          [ (0.5 + far * across).clamp(0, 1), (0.5 + far * down).clamp(0, 1) ]
        end.freeze
        draws("cloud") { polygon(*CLOUD.flat_map { |x, y| [ w * x, h * y ] }); words(w * 0.13782, h * 0.15102, w * 0.79106, h * 0.80264) }
        draws("leftBracket", adj1: 0.08333) { y = s * bend(:adj1, h / 2 / s); outlined { move(w, h); arc(w, y, 90, 90); line(0, y); arc(w, y, 180, 90) } }
        draws("rightBracket", adj1: 0.08333) { y = s * bend(:adj1, h / 2 / s); outlined { move(0, 0); arc(w, y, 270, 90); line(w, h - y); arc(w, y, 0, 90) } }
        draws("leftBrace", adj1: 0.08333, adj2: 0.5) { y, m = s * bend(:adj1, h / 4 / s), h * bend(:adj2, 1); outlined { move(w, h); arc(w / 2, y, 90, 90); line(w / 2, m + y); arc(w / 2, y, 0, -90); arc(w / 2, y, 90, -90); line(w / 2, y); arc(w / 2, y, 180, 90) } }
        draws("rightBrace", adj1: 0.08333, adj2: 0.5) { y, m = s * bend(:adj1, h / 4 / s), h * bend(:adj2, 1); outlined { move(0, 0); arc(w / 2, y, 270, 90); line(w / 2, m - y); arc(w / 2, y, 180, -90); arc(w / 2, y, 270, -90); line(w / 2, h - y); arc(w / 2, y, 0, 90) } }
        draws("bracketPair", adj1: 0.16667) { x = s * bend(:adj1, 0.5); outlined { move(x, h); arc(x, x, 90, 90); line(0, x); arc(x, x, 180, 90); move(w - x, 0); arc(x, x, 270, 90); line(w, h - x); arc(x, x, 0, 90) } }
        draws("bracePair", adj1: 0.08333) { x = s * bend(:adj1, 0.25); outlined { move(2 * x, h); arc(x, x, 90, 90); line(x, h / 2 + x); arc(x, x, 0, -90); arc(x, x, 90, -90); line(x, x); arc(x, x, 180, 90); move(w - 2 * x, 0); arc(x, x, 270, 90); line(w - x, h / 2 - x); arc(x, x, 180, -90); arc(x, x, 270, -90); line(w - x, h - x); arc(x, x, 0, 90) } }
        draws("wave", adj1: 0.125, adj2: 0.0) { y, x = h * bend(:adj1, 0.2), w * bend(:adj2, 0.1, -0.1); left, right = [ -x * 2, 0 ].max, [ x * 2, 0 ].max; top = y; move(left, top); curve(left + (w - left - right) / 3, top - y * 10 / 3, left + (w - left - right) * 2 / 3, top + y * 10 / 3, w - right, top); line(w - left, h - top); curve(w - left - (w - left - right) / 3, h - top + y * 10 / 3, w - left - (w - left - right) * 2 / 3, h - top - y * 10 / 3, right, h - top); close }
        draws("doubleWave", adj1: 0.0625, adj2: 0.0) do
          y, half = h * bend(:adj1, 0.125), w / 2
          move(0, y); 2.times { |n| curve(n * half + half / 3, y - y * 10 / 3, n * half + half * 2 / 3, y + y * 10 / 3, (n + 1) * half, y) }
          line(w, h - y); 2.times { |n| curve(w - n * half - half / 3, h - y + y * 10 / 3, w - n * half - half * 2 / 3, h - y - y * 10 / 3, w - (n + 1) * half, h - y) }
          close
        end
      end
    end
  end
end
