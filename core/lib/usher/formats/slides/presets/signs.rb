module Usher
  module Formats
    module Slides
      # Signs of arithmetic, gears, and buttons that lead on.
      module Presets
        draws("mathPlus", adj1: 0.2352) { x, wide, high = s * bend(:adj1, 0.7349) / 2, w * 0.36745, h * 0.36745; polygon(w / 2 - wide, h / 2 - x, w / 2 - x, h / 2 - x, w / 2 - x, h / 2 - high, w / 2 + x, h / 2 - high, w / 2 + x, h / 2 - x, w / 2 + wide, h / 2 - x, w / 2 + wide, h / 2 + x, w / 2 + x, h / 2 + x, w / 2 + x, h / 2 + high, w / 2 - x, h / 2 + high, w / 2 - x, h / 2 + x, w / 2 - wide, h / 2 + x) }
        draws("mathMinus", adj1: 0.2352) { y, wide = h * bend(:adj1, 1) / 2, w * 0.36745; rectangle(w / 2 - wide, h / 2 - y, 2 * wide, 2 * y) }
        draws("mathMultiply", adj1: 0.2352) do
          thick = s * bend(:adj1, 0.51965)
          long, a = Math.hypot(w, h) * 0.51965, Math.atan2(h, w)
          [ a, -a ].each { |turn| also; polygon(*[ [ -long / 2, -thick / 2 ], [ long / 2, -thick / 2 ], [ long / 2, thick / 2 ], [ -long / 2, thick / 2 ] ].flat_map { |x, y| [ w / 2 + x * Math.cos(turn) - y * Math.sin(turn), h / 2 + x * Math.sin(turn) + y * Math.cos(turn) ] }) }
        end
        draws("mathDivide", adj1: 0.2352, adj2: 0.0588, adj3: 0.1176) { y, gap, dot = h * bend(:adj1, 0.36745) / 2, h * bend(:adj2, 0.3), h * bend(:adj3, 0.3); wide = w * 0.36745; [ -1, 1 ].each { |side| ellipse(w / 2, h / 2 + side * (y + gap + dot), dot, dot) }; rectangle(w / 2 - wide, h / 2 - y, 2 * wide, 2 * y) }
        draws("mathEqual", adj1: 0.2352, adj2: 0.1176) { y, gap, wide = h * bend(:adj1, 0.36745), h * bend(:adj2, 0.3) / 2, w * 0.36745; [ -gap - y, gap ].each { |from| rectangle(w / 2 - wide, h / 2 + from, 2 * wide, y) } }
        draws("mathNotEqual", adj1: 0.2352, adj2: 66.0, adj3: 0.1176) do
          y, gap, wide = h * bend(:adj1, 0.5), h * bend(:adj3, 0.3) / 2, w * 0.36745
          [ -gap - y, gap ].each { |from| also; rectangle(w / 2 - wide, h / 2 + from, 2 * wide, y) }
          lean = h / 2 / Math.tan((180 - bend(:adj2, 66.0, 42.0) / 0.6) * Math::PI / 180)
          also; polygon(w / 2 + lean - y / 2, 0, w / 2 + lean + y / 2, 0, w / 2 - lean + y / 2, h, w / 2 - lean - y / 2, h)
        end
        { "gear6" => 6, "gear9" => 9 }.each do |name, teeth|
          draws(name, adj1: 0.15, adj2: 0.0263) do
            tooth = bend(:adj1, 0.2)
            places = (0...teeth).flat_map { |n| [ [ -0.28, 1 - 2 * tooth ], [ -0.18, 1 ], [ 0.18, 1 ], [ 0.28, 1 - 2 * tooth ] ].map { |off, far| a = 2 * Math::PI * (n + off) / teeth - Math::PI / 2; [ w / 2 * (1 + far * Math.cos(a)), h / 2 * (1 + far * Math.sin(a)) ] } }
            polygon(*places.flatten)
          end
        end
        draws("funnel") { ellipse(w / 2, h * 0.25, w / 2, h * 0.25); also(shade: -0.1); move(0, h * 0.25); line(w * 0.4, h * 0.9); arc(w * 0.1, h * 0.1, 180, -180); line(w, h * 0.25); arc(w / 2, h * 0.25, 0, 180); close }
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
