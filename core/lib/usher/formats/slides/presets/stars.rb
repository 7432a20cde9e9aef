module Usher
  module Formats
    module Slides
      # Stars, seals and ribbons.
      module Presets
        [ [ "irregularSeal1", [ 10800, 5800, 14522, 0, 14155, 5325, 18380, 4457, 16702, 7315, 21097, 8137, 17607, 10475, 21600, 13290, 16837, 12942, 18145, 18095, 14020, 14457, 13247, 19737, 10532, 14935, 8485, 21600, 7715, 15627, 4762, 17617, 5667, 13937, 135, 14587, 3722, 11775, 0, 8615, 4627, 7617, 370, 2295, 7312, 6320, 8352, 2295 ] ],
          [ "irregularSeal2", [ 11462, 4342, 14790, 0, 14525, 5777, 18007, 3172, 16380, 6532, 21600, 6645, 16985, 9402, 18270, 11290, 16380, 12310, 18877, 15632, 14640, 14350, 14942, 17370, 12180, 15935, 11612, 18842, 9872, 17370, 8700, 19712, 7527, 18125, 4917, 21600, 4805, 18240, 1285, 17825, 3330, 15370, 0, 12877, 3935, 11592, 1172, 8270, 5372, 7817, 4502, 3625, 8550, 6382, 9722, 1887 ] ] ].each do |name, places|
          draws(name) { polygon(*places.each_slice(2).flat_map { |x, y| [ w * x / 21_600, h * y / 21_600 ] }) }
        end
        draws("horizontalScroll", adj1: 0.125) do
          x = s * bend(:adj1, 0.25)
          move(0, 2 * x); arc(x / 2, x / 2, 180, 90); line(w - x, x * 1.5, w - x, x / 2); arc(x / 2, x / 2, 180, 180); line(w, h - x * 1.5); arc(x / 2, x / 2, 0, 90); line(x, h - x, x, h - x / 2); arc(x / 2, x / 2, 0, 180); close
        end
        draws("verticalScroll", adj1: 0.125) do
          x = s * bend(:adj1, 0.25)
          move(x, 0); move(x * 1.5, 0); line(w - x / 2, 0); arc(x / 2, x / 2, 270, 180); line(w - x, x, w - x, h - x / 2); arc(x / 2, x / 2, 0, 90); line(x / 2, h); arc(x / 2, x / 2, 90, 180); line(x, h - x, x, x / 2); arc(x / 2, x / 2, 180, 90); close
        end
        { "ribbon" => true, "ribbon2" => false }.each do |name, down|
          draws(name, adj1: 0.16667, adj2: 0.5) do
            y, half = h * bend(:adj1, 0.33333), w * bend(:adj2, 0.75, 0.25) / 2
            flip = ->(places) { down ? places : places.each_slice(2).flat_map { |px, py| [ px, h - py ] } }
            tail = [ 0, 0, w / 2 - half + w / 8, 0, w / 2 - half + w / 8, y, w / 2 - half, y, w / 2 - half, h - y, 0, h - y, w / 8, (h - y) / 2 ]
            [ tail, tail.each_slice(2).flat_map { |px, py| [ w - px, py ] } ].each { |places| polygon(*flip.(places)) }
            also(shade: 0.1); polygon(*flip.([ w / 2 - half, y, w / 2 + half, y, w / 2 + half, h, w / 2 - half, h ]))
          end
        end
      end
    end
  end
end
