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
            room = x - (high / 2 - half) * x / (high / 2)
            words(*turned_box(quarters, room, high / 2 - half, long - room, high / 2 + half))
            polygon(*turned(quarters, [ 0, high / 2, x, 0, x, high / 2 - half, long - x, high / 2 - half, long - x, 0, long, high / 2, long - x, high, long - x, high / 2 + half, x, high / 2 + half, x, high ]))
          end
        end
        draws("notchedRightArrow", adj1: 0.5, adj2: 0.5) { half, x = h * bend(:adj1, 1) / 2, w - s * bend(:adj2, w / s); notch = half * (w - x) / (h / 2); words(notch, h / 2 - half, w - notch, h / 2 + half); polygon(0, h / 2 - half, x, h / 2 - half, x, 0, w, h / 2, x, h, x, h / 2 + half, 0, h / 2 + half, notch, h / 2) }
        draws("stripedRightArrow", adj1: 0.5, adj2: 0.5) { half, x = h * bend(:adj1, 1) / 2, w - s * bend(:adj2, w * 0.84375 / s); y = h / 2 - half; words(s * 5 / 32, y, x + half * (w - x) / (h / 2), h - y); rectangle(0, y, s / 32, 2 * half); rectangle(s / 16, y, s / 16, 2 * half); polygon(s * 5 / 32, y, x, y, x, 0, w, h / 2, x, h, x, h - y, s * 5 / 32, h - y) }
        draws("homePlate", adj1: 0.5) { x = w - s * bend(:adj1, w / s); words(0, 0, (x + w) / 2, h); polygon(0, 0, x, 0, w, h / 2, x, h, 0, h) }
        draws("chevron", adj1: 0.5) { x = s * bend(:adj1, w / s); words(*(w > 2 * x ? [ x, 0, w - x, h ] : [ 0, 0, w, h ])); polygon(0, 0, w - x, 0, w, h / 2, w - x, h, 0, h, x, h / 2) }
        draws("quadArrow", adj1: 0.225, adj2: 0.225, adj3: 0.225) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, (s - 2 * wide) / 2 / s)
          x, y = w / 2, h / 2
          room = half * head / [ wide, 0.001 ].max
          words(room, y - half, w - room, y + half)
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, x + wide, head, x + half, head, x + half, y - half, w - head, y - half, w - head, y - wide, w, y, w - head, y + wide, w - head, y + half, x + half, y + half, x + half, h - head, x + wide, h - head, x, h, x - wide, h - head, x - half, h - head, x - half, y + half, head, y + half, head, y + wide)
        end
        draws("leftRightUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, 0.5)
          x, y = w / 2, h - wide
          room = half * head / [ wide, 0.001 ].max
          words(room, y - half, w - room, y + half)
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, x + wide, head, x + half, head, x + half, y - half, w - head, y - half, w - head, y - wide, w, y, w - head, h, w - head, y + half, head, y + half, head, h)
        end
        draws("leftUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, 1)
          x, y = w - wide, h - wide
          words(half * head / [ wide, 0.001 ].max, y - half, x + half, y + half)
          polygon(0, y, head, y - wide, head, y - half, x - half, y - half, x - half, head, x - wide, head, x, 0, w, head, x + half, head, x + half, y + half, head, y + half, head, h)
        end
        draws("bentUpArrow", adj1: 0.25, adj2: 0.25, adj3: 0.25) { wide, head = s * bend(:adj2, 0.5), s * bend(:adj3, 0.5); thick = s * bend(:adj1, 0.5); x = w - wide; words(0, h - thick, x + thick / 2, h); polygon(0, h - thick, x - thick / 2, h - thick, x - thick / 2, head, x - wide, head, x, 0, w, head, x + thick / 2, head, x + thick / 2, h, 0, h) }
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
        # A band bent about the middle of one side, the head at its far end: drawn to the right, then mirrored.
        { "curvedRightArrow" => ->(x, y) { [ x, y ] }, "curvedLeftArrow" => ->(x, y) { [ w - x, y ] }, "curvedDownArrow" => ->(x, y) { [ y, x ] }, "curvedUpArrow" => ->(x, y) { [ y, h - x ] } }.each do |name, mirrored|
          draws(name, adj1: 0.25, adj2: 0.5, adj3: 0.25) do
            long, high = name.match?(/Down|Up/) ? [ h, w ] : [ w, h ]
            wide = s * bend(:adj2, high / 2 / s)
            thick = s * bend(:adj1, wide / s)
            down = high / 2 - (thick + wide) / 4
            apart = long * Math.sqrt([ 4 * down * down - thick * thick, 0 ].max) / (2 * down) # from the far side to where the edges cross
            head = s * bend(:adj3, apart / s)
            # Along an edge, half an ellipse about the end of the far side, from one x to another; half: -1 for the upper one.
            edge = lambda do |top, from, to, half|
              from, to = [ from, to ].map { |x| Math.acos((1 - x / long).clamp(-1, 1)) }
              (0..16).map { |step| from + (to - from) * step / 16 }.map { |a| [ long * (1 - Math.cos(a)), top + down * (1 + half * Math.sin(a)) ] }
            end
            outer, inner = edge.(0, 0, long - head, 1), edge.(thick, long - head, 0, 1)
            tip = [ [ long - head, outer.last[1] - (wide - thick) / 2 ], [ long, high - wide / 2 ], [ long - head, inner.first[1] + (wide - thick) / 2 ] ]
            above, below = edge.(0, 0, long, -1), edge.(thick, long, long - apart, -1)
            shape = ->(places) { polygon(*places.flat_map { |x, y| instance_exec(x, y, &mirrored) }) }
            also(stroke: false, shade: -0.2)
            shape.([ *below, *edge.(0, long - apart, 0, 1), *above ])
            also(stroke: false)
            shape.([ *outer, *tip, *inner ])
            lines
            shape.([ *outer, *tip, *inner, *above, *below, *below.reverse, *above.reverse ])
          end
        end
        # Round the middle. ways: to which ends the heads are, 1 for clockwise.
        { "circularArrow" => [ 1 ], "leftCircularArrow" => [ -1 ], "leftRightCircularArrow" => [ 1, -1 ] }.each do |name, ways|
          usual = { "circularArrow" => [ 19.03865, 340.96135, 180.0 ], "leftCircularArrow" => [ -19.03865, 19.03865, 180.0 ], "leftRightCircularArrow" => [ 19.03865, 340.96135, 199.03865 ] }[name]
          draws(name, adj1: 0.125, adj2: usual[0] * 0.6, adj3: usual[1] * 0.6, adj4: usual[2] * 0.6, adj5: 0.125) do
            thick, head = s * bend(:adj1, 2 * bend(:adj5, 0.25)), s * bend(:adj5, 0.25)
            across, down = w / 2 - head, h / 2 - head
            words_within(across + thick / 2, down + thick / 2)
            from, to, ahead = angle(:adj4), angle(:adj3), angle(:adj2).abs
            by = ways.first.positive? ? (to - from) % 360 : -((from - to) % 360)
            far = ->(r, a) { [ w / 2 + (across + r) * Math.cos(a * Math::PI / 180), h / 2 + (down + r) * Math.sin(a * Math::PI / 180) ] }
            tip = ->(a, way, side) { line(*far.(head * side, a), *far.(0, a + ahead * way), *far.(-head * side, a)) }
            outline.around([ w / 2, h / 2 ], across + thick / 2, down + thick / 2, from, by, begins: true)
            tip.(to, ways.first, 1)
            outline.around([ w / 2, h / 2 ], across - thick / 2, down - thick / 2, to, -by)
            tip.(from, -1, -1) if ways.size == 2
            close
          end
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
        { "leftRightArrowCallout" => 0, "upDownArrowCallout" => 1 }.each do |name, quarters|
          draws(name, adj1: 0.25, adj2: 0.25, adj3: 0.25, adj4: 0.48123) do
            long, high = quarters.odd? ? [ h, w ] : [ w, h ]
            wide, head, y = s * bend(:adj2, high / 2 / s), s * bend(:adj3, long / 2 / s), high / 2
            half, box = s * bend(:adj1, 2 * wide / s) / 2, long * bend(:adj4, 1 - 2 * head / long) / 2
            left, right = long / 2 - box, long / 2 + box
            words(*turned_box(quarters, left, 0, right, high))
            polygon(*turned(quarters, [ 0, y, head, y - wide, head, y - half, left, y - half, left, 0, right, 0, right, y - half, long - head, y - half, long - head, y - wide, long, y, long - head, y + wide, long - head, y + half, right, y + half, right, high, left, high, left, y + half, head, y + half, head, y + wide ]))
          end
        end
        draws("quadArrowCallout", adj1: 0.18515, adj2: 0.18515, adj3: 0.18515, adj4: 0.48123) do
          wide = s * bend(:adj2, 0.5)
          half, head = s * bend(:adj1, 2 * wide / s) / 2, s * bend(:adj3, 0.5 - wide / s)
          across, down = [ w, h ].map { |side| side * bend(:adj4, 1 - 2 * head / s, 2 * half / s) / 2 }
          x, y = w / 2, h / 2
          words(x - across, y - down, x + across, y + down)
          # From the left head over the upper one, then the same turned about the middle.
          upper = [ [ -x, 0 ], [ head - x, -wide ], [ head - x, -half ], [ -across, -half ], [ -across, -down ], [ -half, -down ], [ -half, head - y ], [ -wide, head - y ] ]
          half_way = [ *upper, [ 0, -y ], *upper.drop(1).reverse.map { |px, py| [ -px, py ] } ]
          polygon(*[ *half_way, *half_way.map { |px, py| [ -px, -py ] } ].flat_map { |px, py| [ x + px, y + py ] })
        end
        draws("swooshArrow", adj1: 0.25, adj2: 0.16667) do
          slope = Math.tan(90.0 / 14 * Math::PI / 180)
          thick, x, y = h * bend(:adj1, 0.75, 0.00001), w - s * bend(:adj2, 0.7 * w / s), s / 8
          inner, edge = x + slope * thick, y * slope
          low = 2 * y + thick
          move(0, h); curve(w / 6, h / 3, x, y); line(x - edge, 0, w, low / 2 - h / 20, inner + edge, low, inner, y + thick); curve(w / 4, y + thick + h / 12, 0, h); close
        end
      end
    end
  end
end
