module Usher
  module Formats
    module Slides
      # What is bent about a middle.
      module Presets
        draws("donut", adj1: 0.25) { x = s * bend(:adj1, 0.5); words_within; ellipse(w / 2, h / 2, w / 2, h / 2); ellipse(w / 2, h / 2, w / 2 - x, h / 2 - x) }
        draws("noSmoking", adj1: 0.1875) do
          thick = s * bend(:adj1, 0.5)
          across, down, slope = w / 2 - thick, h / 2 - thick, Math.atan2(h, w)
          far = [ across * down / [ Math.hypot(down * Math.cos(slope), across * Math.sin(slope)), 0.001 ].max, 0.001 ].max # from the middle, along the bar
          half, slope = [ Math.atan2(thick / 2, far), slope ].map { |turn| turn * 180 / Math::PI }
          words_within
          ellipse(w / 2, h / 2, w / 2, h / 2)
          [ slope + half, slope + 180 + half ].each { |from| around(across, down, from, from + 180 - 2 * half, begins: true); close }
        end
        draws("blockArc", adj1: 108.0, adj2: 0.0, adj3: 0.25) do
          from, to, thick = angle(:adj1), angle(:adj2), s * bend(:adj3, 0.5)
          around(w / 2, h / 2, from, to, begins: true)
          inner = [ w / 2 - thick, h / 2 - thick ].map { |r| [ r, 0.001 ].max }
          start, finish = [ from, to ].map { |turn| along(turn, *inner) }
          by = (finish - start) % 360
          outline.around([ w / 2, h / 2 ], *inner, finish, by < 0.001 ? -360 : -by)
          close
        end
        draws("arc", adj1: 162.0, adj2: 0.0) do
          from, to = angle(:adj1), angle(:adj2)
          also(stroke: false); around(w / 2, h / 2, from, to, begins: true)
          words(*outline.parts.last.points.transpose.map(&:minmax).transpose.flatten)
          line(w / 2, h / 2); close
          lines; around(w / 2, h / 2, from, to, begins: true)
        end
        draws("pie", adj1: 0.0, adj2: 162.0) { words_within; around(w / 2, h / 2, angle(:adj1), angle(:adj2), begins: true); line(w / 2, h / 2); close }
        draws("pieWedge") { words(w * (1 - Math.sqrt(0.5)), h * (1 - Math.sqrt(0.5)), w, h); move(0, h); arc(w, h, 180, 90); line(w, h); close }
        draws("chord", adj1: 27.0, adj2: 162.0) { words_within; around(w / 2, h / 2, angle(:adj1), angle(:adj2), begins: true); close }
        draws("teardrop", adj1: 1.0) do
          x, y = w / 2 + w / 2 * bend(:adj1, 2), h / 2 - h / 2 * bend(:adj1, 2)
          words_within
          move(0, h / 2); arc(w / 2, h / 2, 180, 90); curve((w / 2 + x) / 2, 0, x, y); curve(w, (h / 2 + y) / 2, w, h / 2); arc(w / 2, h / 2, 0, 90); arc(w / 2, h / 2, 90, 90); close
        end
        draws("heart") { move(w / 2, h / 4); curve(w * 17 / 24, -h / 3, w * 73 / 48, h / 4, w / 2, h); curve(-w * 25 / 48, h / 4, w * 7 / 24, -h / 3, w / 2, h / 4); close; words(w / 6, h / 4, w * 5 / 6, h * 2 / 3) }
        # Between half an ellipse and an arc that is `deep` from the left at its middle.
        draws("moon", adj1: 0.5) do
          deep = s * bend(:adj1, 0.875, 0.001)
          rest = s - deep
          across = (s * s * 2 / rest - deep * deep / rest) / 2 # radius of the inner arc, where the box were as broad as s
          down = [ (across - deep) * h / 2 / s, 0.001 ].max
          centre, across = [ across, across - deep ].map { |x| x * w / s }
          turn = Math.acos(((w - centre) / [ across, 0.001 ].max).clamp(-1, 1)) * 180 / Math::PI
          side, room = deep * 9_598 / 32_768, h / 2 * Math.sqrt(s * s - (s - deep * 9_598 / 32_768)**2) / s
          words(side * w / s, h / 2 - room, deep * w / s, h / 2 + room)
          move(w, h); arc(w, h / 2, 90, 180)
          steps = (0..16).map { |step| (-turn + (2 * turn - 360) * step / 16) * Math::PI / 180 }
          line(*steps.flat_map { |a| [ centre + across * Math.cos(a), h / 2 + down * Math.sin(a) ] }); close
        end
        draws("smileyFace", adj1: 0.04653) do
          words_within
          ellipse(w / 2, h / 2, w / 2, h / 2)
          also(shade: -0.2); [ 7_340, 14_260 ].each { |x| ellipse(w * x / 21_600, h * 7_570 / 21_600, w * 1_125 / 21_600, h * 1_125 / 21_600) }
          lines; y, deep = h * 16_515 / 21_600, h * bend(:adj1, 0.04653, -0.04653); move(w * 4_969 / 21_600, y - deep); curve(w / 2, y + 3 * deep, w * 16_640 / 21_600, y - deep)
        end
        draws("sun", adj1: 0.25) do
          inner = 0.5 - bend(:adj1, 0.46875, 0.125)
          near, far = [ 30_274, 12_540 ].map { |n| (0.5 - inner * n / 32_768) * 0.75 }
          small = inner * 23_170 / 32_768
          words(w * (0.5 - small), h * (0.5 - small), w * (0.5 + small), h * (0.5 + small))
          ray = [ [ 1.0, 0.5 ], [ 1 - near, far + 0.125 ], [ 1 - near, 0.875 - far ] ]
          slanted = [ [ 18_436 / 21_600.0, 3_163 / 21_600.0 ], [ 0.96338 - near, far + 0.03662 ], [ 0.96338 - far, near + 0.03662 ] ]
          4.times do |quarters|
            turn = ->(x, y) { quarters.times { x, y = 1 - y, x }; [ w * x, h * y ] }
            [ ray, slanted ].each { |corners| polygon(*corners.flat_map { |corner| turn.(*corner) }) }
          end
          ellipse(w / 2, h / 2, w * inner, h * inner)
        end
        # Arcs one after the other, in 43,200ths of the box and 60,000ths of a degree: both radii, the beginning, and by how much.
        cloud = [ [ 6753, 9190, -11429249, 7426832 ], [ 5333, 7267, -8646143, 5396714 ], [ 4365, 5945, -8748475, 5983381 ], [ 4857, 6595, -7859164, 7034504 ], [ 5333, 7273, -4722533, 6541615 ], [ 6775, 9220, -2776035, 7816140 ],
          [ 5785, 7867, 37501, 6842000 ], [ 6752, 9215, 1347096, 6910353 ], [ 7720, 10543, 3974558, 4542661 ], [ 4360, 5918, -16496525, 8804134 ], [ 4345, 5945, -14809710, 9151131 ] ]
        billows = [ [ 4693, 26177, 4345, 5945, 5204520, 1585770 ], [ 6928, 34899, 4360, 5918, 4416628, 686848 ], [ 16478, 39090, 6752, 9215, 8257449, 844866 ], [ 28827, 34751, 6752, 9215, 387196, 959901 ], [ 34129, 22954, 5785, 7867, -4217541, 4255042 ],
          [ 41798, 15354, 5333, 7273, 1819082, 1665090 ], [ 38324, 5426, 4857, 6595, -824660, 891534 ], [ 29078, 3952, 4857, 6595, -8950887, 1091722 ], [ 22141, 4720, 4365, 5945, -9809656, 1061181 ], [ 14000, 5192, 6753, 9190, -4002417, 739161 ], [ 4127, 15789, 6753, 9190, 9459261, 711490 ] ]
        draws("cloud") do
          swing = lambda do |across, down, from, by|
            start, finish = [ from, from + by ].map { |turn| along(turn / 60_000.0, across, down) }
            arc(w * across / 43_200, h * down / 43_200, start, (finish - start) % 360)
          end
          words(w * 2_977 / 21_600, h * 3_262 / 21_600, w * 17_087 / 21_600, h * 17_337 / 21_600)
          move(w * 3_900 / 43_200, h * 14_370 / 43_200); cloud.each { |one| swing.(*one) }; close
          lines; billows.each { |x, y, *one| move(w * x / 43_200, h * y / 43_200); swing.(*one) }
        end
      end
    end
  end
end
