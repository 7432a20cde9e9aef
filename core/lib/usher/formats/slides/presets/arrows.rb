module Usher
  module Formats
    module Slides
      # Block arrows.
      module Presets
        # Drawn to the right, then turned by quarters.
        { "rightArrow" => 0, "downArrow" => 1, "leftArrow" => 2, "upArrow" => 3 }.each do |name, quarters|
          draws(name, adj1: 0.5, adj2: 0.5) do
            long, high = quarters.odd? ? [ h, w ] : [ w, h ]
            half, x = high * bend(:adj1, 1) / 2, long - s * bend(:adj2, long / s)
            polygon(*turned(quarters, [ 0, high / 2 - half, x, high / 2 - half, x, 0, long, high / 2, x, high, x, high / 2 + half, 0, high / 2 + half ]))
            words(*turned_box(quarters, 0, high / 2 - half, x + (high / 2 - half) * (long - x) / (high / 2), high / 2 + half))
          end
        end
        { "leftRightArrow" => 0, "upDownArrow" => 1 }.each do |name, quarters|
          draws(name, adj1: 0.5, adj2: 0.5) do
            long, high = quarters.odd? ? [ h, w ] : [ w, h ]
            half, x = high * bend(:adj1, 1) / 2, s * bend(:adj2, long / 2 / s)
            polygon(*turned(quarters, [ 0, high / 2, x, 0, x, high / 2 - half, long - x, high / 2 - half, long - x, 0, long, high / 2, long - x, high, long - x, high / 2 + half, x, high / 2 + half, x, high ]))
          end
        end
        draws("notchedRightArrow", adj1: 0.5, adj2: 0.5) { half, x = h * bend(:adj1, 1) / 2, w - s * bend(:adj2, w / s); notch = half * (w - x) / (h / 2); words(notch, h / 2 - half, w - notch, h / 2 + half); polygon(0, h / 2 - half, x, h / 2 - half, x, 0, w, h / 2, x, h, x, h / 2 + half, 0, h / 2 + half, notch, h / 2) }
        draws("stripedRightArrow", adj1: 0.5, adj2: 0.5) { half, x = h * bend(:adj1, 1) / 2, w - s * bend(:adj2, w * 0.84375 / s); y = h / 2 - half; rectangle(0, y, s / 32, 2 * half); rectangle(s / 16, y, s / 16, 2 * half); polygon(s * 5 / 32, y, x, y, x, 0, w, h / 2, x, h, x, h - y, s * 5 / 32, h - y) }
        draws("homePlate", adj1: 0.5) { x = w - s * bend(:adj1, w / s); words(0, 0, (x + w) / 2, h); polygon(0, 0, x, 0, w, h / 2, x, h, 0, h) }
        draws("chevron", adj1: 0.5) { x = s * bend(:adj1, w / s); polygon(0, 0, w - x, 0, w, h / 2, w - x, h, 0, h, x, h / 2) }
        draws("quadArrow", adj1: 0.225, adj2: 0.225, adj3: 0.225) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, (s - 2 * wide) / 2 / s)
          x, y = w / 2, h / 2
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, x + wide, head, x + half, head, x + half, y - half, w - head, y - half, w - head, y - wide, w, y, w - head, y + wide, w - head, y + half, x + half, y + half, x + half, h - head, x + wide, h - head, x, h, x - wide, h - head, x - half, h - head, x - half, y + half, head, y + half, head, y + wide)
        end
        draws("leftRightUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, 0.5)
          x, y = w / 2, h - wide
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, x + wide, head, x + half, head, x + half, y - half, w - head, y - half, w - head, y - wide, w, y, w - head, h, w - head, y + half, head, y + half, head, h)
        end
        draws("leftUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, 1)
          x, y = w - wide, h - wide
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, w, head, x + half, head, x + half, y + half, head, y + half, head, h)
        end
        draws("bentUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) { wide, head = s * bend(:adj2, 0.5), s * bend(:adj3, 0.5); thick = s * bend(:adj1, 0.5); x = w - wide; polygon(0, h - thick, x - thick / 2, h - thick, x - thick / 2, head, x - wide, head, x, 0, w, head, x + thick / 2, head, x + thick / 2, h, 0, h) }
        draws("bentArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25, adj4: 0.4375) do
          wide = s * bend(:adj2, 0.5)
          thick, head = s * bend(:adj1, 2 * wide / s), s * bend(:adj3, 0.5)
          outer = s * bend(:adj4, [ w - head, h - wide + thick / 2 ].min / s)
          inner = [ outer - thick, 0 ].max
          top = wide - thick / 2
          move(0, h); line(0, top + outer); arc(outer, outer, 180, 90); line(w - head, top, w - head, 0, w, wide, w - head, 2 * wide, w - head, top + thick, thick + inner, top + thick); arc(inner, inner, 270, -90); line(thick, h); close
        end
        draws("uturnArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25, adj4: 0.4375, adj5: 0.75) do
          wide = s * bend(:adj2, 0.25)
          thick, head, tip = s * bend(:adj1, 2 * wide / s), s * bend(:adj3, h / s), h * bend(:adj5, 1)
          outer = s * bend(:adj4, [ (w - wide + thick / 2) / 2, tip - head ].min / s)
          inner, right = [ outer - thick, 0 ].max, w - wide + thick / 2
          move(0, h); line(0, outer); arc(outer, outer, 180, 90); line(right - outer, 0); arc(outer, outer, 270, 90); line(right, tip - head, w, tip - head, w - wide, tip, w - 2 * wide, tip - head, right - thick, tip - head, right - thick, thick + inner); arc(inner, inner, 0, -90); line(thick + inner, thick); arc(inner, inner, 270, -90); line(thick, h); close
        end
        # Round arrows, about the middle of the lower or upper edge.
        draws("curvedRightArrow", adj1: 0.25, adj2: 0.5, adj3: 0.25) do
          thick, wide, head = s * bend(:adj1, 1), s * bend(:adj2, h / 2 / s), s * bend(:adj3, 1)
          down = (h - (thick + wide) / 2) / 2 + thick / 4
          also(shade: -0.2); move(w, thick); arc(w, down - thick / 2, 270, -90); line(0, down); arc(w, down, 180, 90); close
          also; move(0, down - thick / 2); arc(w, down, 180, -60); line(w - head, h - wide); line(w, h - wide / 2 - thick * 0.25, w - head, h, w - head, h - wide / 2 + thick / 2); arc(w, down, 120, 60); close
        end
        draws("circularArrow", adj1: 0.125, adj2: 19.0, adj3: 204.6, adj4: 108.0, adj5: 0.125) do
          thick, head = s * bend(:adj1, 0.25), s * bend(:adj5, 0.25)
          across, down = w / 2 - head, h / 2 - head
          from, to = angle(:adj4), angle(:adj3)
          by = (to - from) % 360
          tip = to + angle(:adj2)
          far = ->(r, a) { [ w / 2 + (across + r) * Math.cos(a * Math::PI / 180), h / 2 + (down + r) * Math.sin(a * Math::PI / 180) ] }
          outline.around([ w / 2, h / 2 ], across + thick / 2, down + thick / 2, from, by, begins: true)
          line(*far.(head, to), *far.(0, tip), *far.(-head, to))
          outline.around([ w / 2, h / 2 ], across - thick / 2, down - thick / 2, to, -by)
          close
        end
        # A box with a block arrow out of one side.
        { "rightArrowCallout" => 0, "downArrowCallout" => 1, "leftArrowCallout" => 2, "upArrowCallout" => 3 }.each do |name, quarters|
          draws(name, adj1: 0.25, adj2: 0.25, adj3: 0.25, adj4: 0.64977) do
            long, high = quarters.odd? ? [ h, w ] : [ w, h ]
            wide, head, box = s * bend(:adj2, high / 2 / s), s * bend(:adj3, long / s), long * bend(:adj4, 1)
            half, y = s * bend(:adj1, 2 * wide / s) / 2, high / 2
            words(*turned_box(quarters, 0, 0, box, high))
            polygon(*turned(quarters, [ 0, 0, box, 0, box, y - half, long - head, y - half, long - head, y - wide, long, y, long - head, y + wide, long - head, y + half, box, y + half, box, high, 0, high ]))
          end
        end
        draws("swooshArrow", adj1: 0.25, adj2: 0.16667) { head, thick = s * bend(:adj2, 0.7), h * bend(:adj1, 0.75, 0.01); move(0, h); curve(w * 0.2, h * 0.55, w * 0.55, thick * 0.8 + h * 0.1, w - head, thick * 0.6); line(w - head * 1.1, 0, w, thick * 0.8, w - head * 0.7, thick * 1.9, w - head * 0.85, thick * 1.4); curve(w * 0.55, h * 0.45, w * 0.25, h * 0.75, 0, h); close }
      end
    end
  end
end
