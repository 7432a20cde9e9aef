module Usher
  module Formats
    module Slides
      # Scrolls, ribbons and waves.
      module Presets
        # Rolled up at its right and left; a standing one is the same, its sides changed places.
        { "horizontalScroll" => false, "verticalScroll" => true }.each do |name, standing|
          draws(name, adj1: 0.125) do
            x, y = standing ? [ h, w ] : [ w, h ]
            roll = s * bend(:adj1, 0.25)
            half, tiny = roll / 2, roll / 4
            standing ? words(roll, roll, w - roll, h - half) : words(roll, roll, w - half, h - roll)
            also(stroke: false)
            move(x, half); arc(half, half, 0, 90); line(x - half, half); arc(tiny, tiny, 0, 180); line(x - roll, roll, half, roll); arc(half, half, 270, -90); line(0, y - half); arc(half, half, 180, -180); line(roll, y - roll, x - half, y - roll); arc(half, half, 90, -90); close
            move(half, 2 * roll); arc(half, half, 90, -90); arc(tiny, tiny, 0, -180); close
            also(stroke: false, shade: -0.2)
            move(half, 2 * roll); arc(half, half, 90, -90); arc(tiny, tiny, 0, -180); close
            move(x - half, roll); arc(half, half, 90, -270); arc(tiny, tiny, 180, -180); close
            lines
            move(0, roll + half); arc(half, half, 180, 90); line(x - roll, roll, x - roll, half); arc(half, half, 180, 180); line(x, y - roll - half); arc(half, half, 0, 90); line(roll, y - roll, roll, y - half); arc(half, half, 0, 180); close
            move(x - roll, roll); line(x - half, roll); arc(half, half, 90, -90)
            move(x - half, roll); line(x - half, half); arc(tiny, tiny, 0, 180)
            move(half, 2 * roll); line(half, roll + half); arc(tiny, tiny, 180, 180); arc(half, half, 0, 180)
            move(roll, roll + half); line(roll, y - roll)
            outline.parts.each { |part| part.points.map!(&:reverse) } if standing
          end
        end
        # Folded at both sides; drawn standing up.
        { "ribbon" => true, "ribbon2" => false }.each do |name, hanging|
          draws(name, adj1: 0.16667, adj2: 0.5) do
            a = bend(:adj1, 0.33333)
            left, x, r = w * (1 - bend(:adj2, 0.75, 0.25)) / 2, w / 32, h * a / 4
            right, fold, mid, low, top = w - left, w / 8, h * (1 - a / 2), h * (1 - a), h * a
            hanging ? words(left, top, right, h) : words(left, 0, right, low)
            also(stroke: false)
            move(0, h); line(left + fold - x, h); arc(x, r, 90, -180); line(left + x, mid); arc(x, r, 90, 180); line(right - x, low); arc(x, r, 270, 180); line(right - fold + x, mid); arc(x, r, 270, -180)
            line(w, h, w - fold, (top + h) / 2, w, top, right, top, right, r); arc(x, r, 0, -90); line(left + x, 0); arc(x, r, 270, -90); line(left, top, 0, top, fold, (top + h) / 2); close
            also(stroke: false, shade: -0.2)
            move(left + fold, h - r); arc(x, r, 0, -90); line(left + x, mid); arc(x, r, 90, 180); line(left + fold, low); close
            move(right - fold, h - r); arc(x, r, 180, 90); line(right - x, mid); arc(x, r, 90, -180); line(right - fold, low); close
            lines
            move(0, h); line(fold, (top + h) / 2, 0, top, left, top, left, r); arc(x, r, 180, 90); line(right - x, 0); arc(x, r, 270, 90); line(right, top, w, top, w - fold, (top + h) / 2, w, h, right - fold + x, h); arc(x, r, 90, 180)
            line(right - x, mid); arc(x, r, 90, -180); line(left + x, low); arc(x, r, 270, -180); line(left + fold - x, mid); arc(x, r, 270, 180); close
            [ [ left + fold, low, h - r ], [ right - fold, h - r, low ], [ left, mid - r, top ], [ right, top, mid - r ] ].each { |at, from, to| move(at, from); line(at, to) }
            outline.parts.each { |part| part.points.map! { |px, py| [ px, h - py ] } } if hanging
          end
        end
        # count: how many waves; most: how high they can be.
        { "wave" => [ 1, 0.2, 0.125 ], "doubleWave" => [ 2, 0.125, 0.0625 ] }.each do |name, (count, most, usual)|
          draws(name, adj1: usual, adj2: 0.0) do
            y, lean = h * bend(:adj1, most), w * bend(:adj2, 0.1, -0.1) * 2
            left, right = [ -lean, 0 ].max, [ lean, 0 ].max # how much narrower the upper edge is at either side; the lower one at the other
            long = (w - lean.abs) / count
            rise = y * 10 / 3
            words([ left, right ].max, 2 * y, w - [ left, right ].max, h - 2 * y)
            move(left, y); count.times { |n| from = left + n * long; curve(from + long / 3, y - rise, from + long * 2 / 3, y + rise, from + long, y) }
            line(w - left, h - y); count.times { |n| from = w - left - n * long; curve(from - long / 3, h - y + rise, from - long * 2 / 3, h - y - rise, from - long, h - y) }
            close
          end
        end
        # Bent along a parabola; drawn hanging down.
        { "ellipseRibbon" => false, "ellipseRibbon2" => true }.each do |name, up|
          draws(name, adj1: 0.25, adj2: 0.5, adj3: 0.125) do
            a = bend(:adj1, 1)
            sag, high = h * bend(:adj3, a, [ 0, a * 1.5 - 0.5 ].max), h * a
            left = w * (1 - bend(:adj2, 0.75, 0.25)) / 2
            fold, low = left + w / 8, h - high
            curved = ->(x) { 4 * sag / w * (x - x * x / w) } # how far down it is there
            y1, y3 = curved.(fold), curved.(left) + high - sag
            cy3, y5, y6, y7 = 2 * high - y3, curved.(left) + low, y3 + low, y1 + high - sag
            tail = (sag * 14 / 16 + low) / 2
            flip = ->(places) { up ? places.each_slice(2).flat_map { |x, y| [ x, h - y ] } : places }
            to = ->(*places) { line(*flip.(places)) }
            bow = ->(*places) { curve(*flip.(places)) }
            whole = lambda do
              move(*flip.([ 0, 0 ])); bow.(fold / 2, 4 * sag / w * fold / 2, fold, y1); to.(left, y3); bow.(w / 2, cy3, w - left, y3); to.(w - fold, y1); bow.(w - fold / 2, 4 * sag / w * fold / 2, w, 0)
              to.(w * 7 / 8, tail, w, low); bow.(w - left / 2, 4 * sag / w * left / 2 + low, w - left, y5); to.(w - left, y6); bow.(w / 2, cy3 + low, left, y6); to.(left, y5); bow.(left / 2, 4 * sag / w * left / 2 + low, 0, low); to.(w / 8, tail); close
            end
            also(stroke: false); whole.call
            also(stroke: false, shade: -0.2); move(*flip.([ fold, y7 ])); to.(fold, y1, left, y3); bow.(w / 2, cy3, w - left, y3); to.(w - fold, y1, w - fold, y7); bow.(w / 2, 2 * high - y7, fold, y7); close
            lines; whole.call
            [ [ left, y5, y3 ], [ w - left, y3, y5 ], [ fold, y1, y7 ], [ w - fold, y7, y1 ] ].each { |x, from, down| move(*flip.([ x, from ])); to.(x, down) }
            words(left, up ? h - y6 : high, w - left, up ? low : y6)
          end
        end
        # Folded once in the middle, with a head at either side.
        draws("leftRightRibbon", adj1: 0.5, adj2: 0.5, adj3: 0.16667) do
          drop = bend(:adj3, 0.33333)
          half, fall = h * bend(:adj1, 1 - drop) / 2, h * drop / 2
          head, x = s * bend(:adj2, w * 15 / 32 / s), w / 32
          top, middle, r = h / 2 - fall - half, h / 2 - fall, drop * s / 4
          low, inner = h / 2 + fall + half, 2 * middle - top
          whole = lambda do
            move(0, middle); line(head, 0, head, top, w / 2, top); arc(x, r, 270, 180); arc(x, r, 270, -180); line(w - head, h - inner, w - head, h - 2 * middle, w, h - middle, w - head, h, w - head, low, w / 2, low); arc(x, r, 90, 90)
            line(w / 2 - x, inner, head, inner, head, 2 * middle); close
          end
          also(stroke: false); whole.call
          also(stroke: false, shade: -0.2); move(w / 2 + x, top + r); arc(x, r, 0, 90); arc(x, r, 270, -180); line(w / 2 + x, h - inner); close
          lines; whole.call; move(w / 2 + x, top + r); line(w / 2 + x, h - inner); move(w / 2 - x, h - inner - r); line(w / 2 - x, inner)
          words(head, top, w - head, low)
        end
      end
    end
  end
end
