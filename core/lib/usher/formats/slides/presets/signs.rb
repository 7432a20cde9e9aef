module Usher
  module Formats
    module Slides
      # Signs of arithmetic, gears, and buttons that lead on.
      module Presets
        # How far the signs of arithmetic reach from the middle, in shares.
        REACH = 0.36745

        draws("mathPlus", adj1: 0.2352) do
          half, wide, high = s * bend(:adj1, 2 * REACH) / 2, w * REACH, h * REACH
          words(w / 2 - wide, h / 2 - half, w / 2 + wide, h / 2 + half)
          polygon(*[ [ -wide, -half ], [ -half, -half ], [ -half, -high ], [ half, -high ], [ half, -half ], [ wide, -half ], [ wide, half ], [ half, half ], [ half, high ], [ -half, high ], [ -half, half ], [ -wide, half ] ].flat_map { |x, y| [ w / 2 + x, h / 2 + y ] })
        end
        draws("mathMinus", adj1: 0.2352) { y, wide = h * bend(:adj1, 1) / 2, w * REACH; words(w / 2 - wide, h / 2 - y, w / 2 + wide, h / 2 + y); rectangle(w / 2 - wide, h / 2 - y, 2 * wide, 2 * y) }
        draws("mathMultiply", adj1: 0.2352) do
          half, slope = s * bend(:adj1, 0.51965) / 2, Math.atan2(h, w)
          long = Math.hypot(w, h) * (1 - 0.51965) / 2 # from a corner to the end of an arm
          x, y, dx, dy = long * Math.cos(slope), long * Math.sin(slope), half * Math.sin(slope), half * Math.cos(slope)
          left, top, right, bottom = x - dx, y + dy, x + dx, y - dy # the corners of the arm at the upper left
          notch, waist = bottom + (w / 2 - right) * Math.tan(slope), left + (h / 2 - top) / Math.tan(slope)
          words(left, bottom, w - left, h - bottom)
          polygon(left, top, right, bottom, w / 2, notch, w - right, bottom, w - left, top, w - waist, h / 2, w - left, h - top, w - right, h - bottom, w / 2, h - notch, right, h - bottom, left, h - top, waist, h / 2)
        end
        draws("mathDivide", adj1: 0.2352, adj2: 0.0588, adj3: 0.1176) do
          bar = bend(:adj1, REACH, 0.01)
          dot = bend(:adj3, [ (2 * REACH - bar) / 4, REACH * w / h ].min, 0.01)
          y, gap, wide = h * bar / 2, h * bend(:adj2, [ 2 * REACH - 4 * dot - bar, 0 ].max), w * REACH
          dot *= h
          words(w / 2 - wide, h / 2 - y, w / 2 + wide, h / 2 + y)
          [ -1, 1 ].each { |side| ellipse(w / 2, h / 2 + side * (y + gap + dot), dot, dot) }
          rectangle(w / 2 - wide, h / 2 - y, 2 * wide, 2 * y)
        end
        draws("mathEqual", adj1: 0.2352, adj2: 0.1176) do
          bar = bend(:adj1, REACH)
          y, gap, wide = h * bar, h * bend(:adj2, 1 - 2 * bar) / 2, w * REACH
          words(w / 2 - wide, h / 2 - gap - y, w / 2 + wide, h / 2 + gap + y)
          [ -gap - y, gap ].each { |from| rectangle(w / 2 - wide, h / 2 + from, 2 * wide, y) }
        end
        draws("mathNotEqual", adj1: 0.2352, adj2: 66.0, adj3: 0.1176) do
          bar = bend(:adj1, 0.5)
          thick, gap, wide = h * bar, h * bend(:adj3, 1 - 2 * bar) / 2, w * REACH
          lean = Math.tan((angle(:adj2).clamp(70, 110) - 90) * Math::PI / 180) # how far to the right it goes on its way up
          half = thick * Math.hypot(lean, 1) / 2
          edge = ->(y, side) { [ w / 2 + (h / 2 - y) * lean + side * half, y ] }
          rows = [ h / 2 - gap - thick, h / 2 - gap, h / 2 + gap, h / 2 + gap + thick ]
          cut = (2 * half * lean / (lean**2 + 1)).abs # by which one corner of its ends is nearer to the middle
          nearer = ->((x, y)) { [ x - cut * lean, y + cut ] }
          left, right = edge.(0.0, -1), edge.(0.0, 1)
          top = lean.positive? ? [ nearer.(left), right ] : [ left, nearer.(right) ]
          side = ->(x, which) { rows.each_slice(2).flat_map { |from, to| [ edge.(from, which), [ x, from ], [ x, to ], edge.(to, which) ] } }
          bottom = top.map { |x, y| [ w - x, h - y ] }
          words(w / 2 - wide, rows.first, w / 2 + wide, rows.last)
          polygon(*[ *top, *side.(w / 2 + wide, 1), *bottom, *side.(w / 2 - wide, -1).reverse ].flatten)
        end
        { "gear6" => [ 6, 0.15, 0.03526 ], "gear9" => [ 9, 0.1, 0.01763 ] }.each do |name, (teeth, high, slant)|
          draws(name, adj1: high, adj2: slant) do
            tooth, inward = s * bend(:adj1, 0.2), s * bend(:adj2, 0.05358)
            across, down = w / 2 - tooth, h / 2 - tooth
            half = Math.atan2(tooth / 2 + inward / 2, [ across, down ].min) # of a tooth's base, as seen from the middle
            words_within(across, down)
            spots = (0...teeth).map do |n|
              middle = 2 * Math::PI * n / teeth - Math::PI / 2
              a, d = [ middle - half, middle + half ].map { |turn| [ w / 2 + across * Math.cos(turn), h / 2 + down * Math.sin(turn), turn ] }
              far = [ Math.hypot(d[0] - a[0], d[1] - a[1]), 0.001 ].max
              ux, uy = (d[0] - a[0]) / far, (d[1] - a[1]) / far
              [ a, [ a[0] + ux * inward + uy * tooth, a[1] + uy * inward - ux * tooth ], [ d[0] - ux * inward + uy * tooth, d[1] - uy * inward - ux * tooth ], d ]
            end
            spots.each_with_index do |(a, b, c, d), n|
              n.zero? ? move(*a.first(2)) : line(*a.first(2))
              line(*b, *c, *d.first(2))
              by = (spots[(n + 1) % teeth][0][2] - d[2]) % (2 * Math::PI)
              arc(across, down, d[2] * 180 / Math::PI, by * 180 / Math::PI)
            end
            close
          end
        end
        draws("funnel") do
          rim, eighth = s / 20, 8 * Math::PI / 180
          x, y = w / 2 * Math.cos(eighth), h / 4 + h / 4 * Math.sin(eighth)
          move(w / 2 - x, y); outline.around([ w / 2, h / 4 ], w / 2, h / 4, 172, 196)
          line(w / 2 + w / 8 * Math.cos(eighth), h * 7 / 8 + h / 8 * Math.sin(eighth)); outline.around([ w / 2, h * 7 / 8 ], w / 8, h / 8, 8, 164); close
          ellipse(w / 2, h / 4, w / 2 - rim, h / 4 - rim)
        end
        # What holds a picture at its corners: triangles, squares, quarters of a disc; as large as a twentieth of the diagonal.
        { "cornerTabs" => ->(x, y, dx, dy) { polygon(x, y, x + dx, y, x, y + dy) }, "squareTabs" => ->(x, y, dx, dy) { polygon(x, y, x + dx, y, x + dx, y + dy, x, y + dy) },
          "plaqueTabs" => ->(x, y, dx, dy) { move(x, y); line(x + dx, y); (1..9).each { |n| line(x + dx * Math.cos(n * Math::PI / 18), y + dy * Math.sin(n * Math::PI / 18)) }; close } }.each do |name, tab|
          draws(name) { far = Math.hypot(w, h) / 20; [ [ 0, 0, far, far ], [ w, 0, -far, far ], [ w, h, -far, -far ], [ 0, h, far, -far ] ].each { |corner| instance_exec(*corner, &tab) } }
        end
        # Crosses over a rectangle without an edge, in tenths.
        slopes, upright, level = [ [ 0, 0, 10, 10 ], [ 0, 10, 10, 0 ] ], [ 5, 0, 5, 10 ], [ 0, 5, 10, 5 ]
        { "chartX" => slopes, "chartStar" => [ *slopes, upright ], "chartPlus" => [ upright, level ] }.each do |name, strokes|
          draws(name) { also(stroke: false); rectangle(0, 0, w, h); lines; strokes.each { |ax, ay, bx, by| move(w * ax / 10, h * ay / 10); line(w * bx / 10, h * by / 10) } }
        end
        # A button with a bent edge is a bevelled rectangle with its sign.
        signs = {
          "actionButtonBlank" => ->(*) { }, "actionButtonForwardNext" => ->(pen, x, y, r) { pen.polygon(x - r, y - r, x + r, y, x - r, y + r) }, "actionButtonBackPrevious" => ->(pen, x, y, r) { pen.polygon(x + r, y - r, x - r, y, x + r, y + r) },
          "actionButtonEnd" => ->(pen, x, y, r) { pen.polygon(x - r, y - r, x + r / 2, y, x - r, y + r); pen.rectangle(x + r * 0.72, y - r, r * 0.28, 2 * r) }, "actionButtonBeginning" => ->(pen, x, y, r) { pen.polygon(x + r, y - r, x - r / 2, y, x + r, y + r); pen.rectangle(x - r, y - r, r * 0.28, 2 * r) },
          "actionButtonHome" => ->(pen, x, y, r) { pen.polygon(x, y - r, x + r, y, x + r * 0.75, y, x + r * 0.75, y + r, x - r * 0.75, y + r, x - r * 0.75, y, x - r, y) }, "actionButtonDocument" => ->(pen, x, y, r) { pen.polygon(x - r * 0.75, y - r, x + r * 0.4, y - r, x + r * 0.75, y - r * 0.6, x + r * 0.75, y + r, x - r * 0.75, y + r) },
          "actionButtonReturn" => ->(pen, x, y, r) { pen.polygon(x + r, y - r / 2, x + r / 2, y - r, x, y - r / 2, x + r * 0.25, y - r / 2, x + r * 0.25, y + r * 0.4, x - r * 0.5, y + r * 0.4, x - r * 0.5, y - r * 0.5, x - r, y - r * 0.5, x - r, y + r, x + r * 0.75, y + r, x + r * 0.75, y - r / 2) },
          "actionButtonInformation" => ->(pen, x, y, r) { pen.ellipse(x, y, r, r) }, "actionButtonHelp" => ->(pen, x, y, r) { pen.ellipse(x, y, r, r) }, "actionButtonSound" => ->(pen, x, y, r) { pen.polygon(x - r, y - r * 0.4, x - r * 0.4, y - r * 0.4, x + r * 0.2, y - r, x + r * 0.2, y + r, x - r * 0.4, y + r * 0.4, x - r, y + r * 0.4) },
          "actionButtonMovie" => ->(pen, x, y, r) { pen.rectangle(x - r, y - r * 0.5, r * 1.4, r); pen.polygon(x + r * 0.4, y, x + r, y - r * 0.4, x + r, y + r * 0.4) }
        }
        signs.each { |name, sign| draws(name) { rectangle(0, 0, w, h); also(shade: -0.4); sign.call(self, w / 2, h / 2, s * 3 / 8) } }
      end
    end
  end
end
