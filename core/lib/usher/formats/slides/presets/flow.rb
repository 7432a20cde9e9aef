module Usher
  module Formats
    module Slides
      # Signs of flow charts.
      module Presets
        draws("flowChartProcess") { rectangle(0, 0, w, h) }
        draws("flowChartAlternateProcess") { x = s / 6; room = x * Forms::ROUND; words(room, room, w - room, h - room); move(0, x); arc(x, x, 180, 90); line(w - x, 0); arc(x, x, 270, 90); line(w, h - x); arc(x, x, 0, 90); line(x, h); arc(x, x, 90, 90); close }
        draws("flowChartDecision") { polygon(w / 2, 0, w, h / 2, w / 2, h, 0, h / 2) }
        draws("flowChartInputOutput") { polygon(w / 5, 0, w, 0, w * 4 / 5, h, 0, h); words(w / 5, 0, w * 4 / 5, h) }
        draws("flowChartPredefinedProcess") { words(w / 8, 0, w * 7 / 8, h); rectangle(0, 0, w, h); lines; [ 1, 7 ].each { |n| move(w * n / 8, 0); line(w * n / 8, h) } }
        draws("flowChartInternalStorage") { words(w / 8, h / 8, w, h); rectangle(0, 0, w, h); lines; move(w / 8, 0); line(w / 8, h); move(0, h / 8); line(w, h / 8) }
        draws("flowChartDocument") { move(0, 0); line(w, 0, w, h * 0.802); curve(w / 2, h * 0.802, w / 2, h * 1.1, 0, h * 0.934); close; words(0, 0, w, h * 0.80194) }
        draws("flowChartMultidocument") do
          [ [ 0.137, 0, 1.0 ], [ 0.069, 0.084, 0.931 ], [ 0, 0.168, 0.863 ] ].each { |left, top, right| also; x, y = w * left, h * top; wide = w * (right - left); move(x, y); line(x + wide, y, x + wide, y + h * 0.66); curve(x + wide / 2, y + h * 0.66, x + wide / 2, y + h * 0.9, x, y + h * 0.77); close }
          words(0, h * 0.17014, w * 0.86088, h * 0.83435)
        end
        draws("flowChartTerminator") { x = w * 0.161; words(w * 1_018 / 21_600, h * 3_163 / 21_600, w * 20_582 / 21_600, h * 18_437 / 21_600); move(x, 0); line(w - x, 0); arc(x, h / 2, 270, 180); line(x, h); arc(x, h / 2, 90, 180); close }
        draws("flowChartPreparation") { words(w / 5, 0, w * 4 / 5, h); polygon(0, h / 2, w / 5, 0, w * 4 / 5, 0, w, h / 2, w * 4 / 5, h, w / 5, h) }
        draws("flowChartManualInput") { polygon(0, h / 5, w, 0, w, h, 0, h); words(0, h / 5, w, h) }
        draws("flowChartManualOperation") { polygon(0, 0, w, 0, w * 4 / 5, h, w / 5, h); words(w / 5, 0, w * 4 / 5, h) }
        draws("flowChartConnector") { words_within; ellipse(w / 2, h / 2, w / 2, h / 2) }
        draws("flowChartOffpageConnector") { polygon(0, 0, w, 0, w, h * 4 / 5, w / 2, h, 0, h * 4 / 5); words(0, 0, w, h * 4 / 5) }
        draws("flowChartPunchedCard") { polygon(0, h / 5, w / 5, 0, w, 0, w, h, 0, h); words(0, h / 5, w, h) }
        draws("flowChartPunchedTape") { words(0, h / 5, w, h * 4 / 5); move(0, h / 10); arc(w / 4, h / 10, 180, -180); arc(w / 4, h / 10, 180, 180); line(w, h * 0.9); arc(w / 4, h / 10, 0, -180); arc(w / 4, h / 10, 0, 180); close }
        draws("flowChartSummingJunction") { words_within; ellipse(w / 2, h / 2, w / 2, h / 2); lines; x, y = w * 0.1464, h * 0.1464; move(x, y); line(w - x, h - y); move(w - x, y); line(x, h - y) }
        draws("flowChartOr") { words_within; ellipse(w / 2, h / 2, w / 2, h / 2); lines; move(w / 2, 0); line(w / 2, h); move(0, h / 2); line(w, h / 2) }
        draws("flowChartCollate") { words(w / 4, h / 4, w * 3 / 4, h * 3 / 4); polygon(0, 0, w, 0, w / 2, h / 2, w, h, 0, h, w / 2, h / 2) }
        draws("flowChartSort") { words(w / 4, h / 4, w * 3 / 4, h * 3 / 4); polygon(0, h / 2, w / 2, 0, w, h / 2, w / 2, h); lines; move(0, h / 2); line(w, h / 2) }
        draws("flowChartExtract") { polygon(w / 2, 0, w, h, 0, h); words(w / 4, h / 2, w * 3 / 4, h) }
        draws("flowChartMerge") { polygon(0, 0, w, 0, w / 2, h); words(w / 4, 0, w * 3 / 4, h / 2) }
        draws("flowChartOfflineStorage") { polygon(0, 0, w, 0, w / 2, h); lines; move(w * 2 / 5, h * 4 / 5); line(w * 3 / 5, h * 4 / 5); words(w / 4, 0, w * 3 / 4, h / 2) }
        draws("flowChartOnlineStorage") { words(w / 6, 0, w * 5 / 6, h); move(w / 6, 0); line(w, 0); arc(w / 6, h / 2, 270, -180); line(w / 6, h); arc(w / 6, h / 2, 90, 180); close }
        draws("flowChartDelay") { move(0, 0); line(w / 2, 0); arc(w / 2, h / 2, 270, 180); line(0, h); close; words(0, h * 0.14645, w * 0.85355, h * 0.85355) }
        draws("flowChartMagneticTape") { words_within; move(w / 2, h); arc(w / 2, h / 2, 90, 315); line(w, h / 2 * (1 + Math.sqrt(0.5)), w, h); close }
        draws("flowChartMagneticDisk") { y = h / 6; move(0, y); arc(w / 2, y, 180, 180); line(w, h - y); arc(w / 2, y, 0, 180); close; lines; move(w, y); arc(w / 2, y, 0, 180); words(0, h / 3, w, h * 5 / 6) }
        draws("flowChartMagneticDrum") { x = w / 6; move(x, 0); line(w - x, 0); arc(x, h / 2, 270, 180); line(x, h); arc(x, h / 2, 90, 180); close; lines; move(w - x, h); arc(x, h / 2, 90, 180); words(w / 6, 0, w * 2 / 3, h) }
        draws("flowChartDisplay") { move(0, h / 2); line(w / 6, 0, w * 5 / 6, 0); arc(w / 6, h / 2, 270, 180); line(w / 6, h); close; words(w / 6, 0, w * 5 / 6, h) }
      end
    end
  end
end
