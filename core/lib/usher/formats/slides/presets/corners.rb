module Usher
  module Formats
    module Slides
      # Rectangles whose corners are cut, straight or round.
      module Presets
        # How far each corner is cut: top left, top right, bottom right and bottom left; those in `round` are rounded.
        cut = lambda do |pen, corners, round|
          pen.instance_exec do
            a, b, c, d = corners
            move(0, a)
            round[0] ? arc(a, a, 180, 90) : line(a, 0)
            line(w - b, 0)
            round[1] ? arc(b, b, 270, 90) : line(w, b)
            line(w, h - c)
            round[2] ? arc(c, c, 0, 90) : line(w - c, h)
            line(d, h)
            round[3] ? arc(d, d, 90, 90) : line(0, h - d)
            close
          end
        end
        # corners: of which of two bends each is (nil for none); usual: the bends. Words keep off the cut corners.
        { "roundRect" => [ [ 0, 0, 0, 0 ], [ 0.16667 ] ], "round1Rect" => [ [ nil, 0, nil, nil ], [ 0.16667 ] ], "round2SameRect" => [ [ 0, 0, 1, 1 ], [ 0.16667, 0.0 ] ], "round2DiagRect" => [ [ 0, 1, 0, 1 ], [ 0.16667, 0.0 ] ],
          "snip1Rect" => [ [ nil, 0, nil, nil ], [ 0.16667 ] ], "snip2SameRect" => [ [ 0, 0, 1, 1 ], [ 0.16667, 0.0 ] ], "snip2DiagRect" => [ [ 0, 1, 0, 1 ], [ 0.0, 0.16667 ] ], "snipRoundRect" => [ [ 0, 1, nil, nil ], [ 0.16667, 0.16667 ] ] }.each do |name, (corners, usual)|
          round = name == "snipRoundRect" ? [ true, false, false, false ] : [ name.start_with?("round") ] * 4
          draws(name, **usual.each_with_index.to_h { |bend, index| [ :"adj#{index + 1}", bend ] }) do
            far = corners.map { |one| one ? s * bend(:"adj#{one + 1}", 0.5) : 0.0 }
            off = far.zip(round).map { |one, rounded| one * (rounded ? Forms::ROUND : 0.5) }
            left, top, right, bottom = [ [ 0, 3 ], [ 0, 1 ], [ 1, 2 ], [ 2, 3 ] ].map { |ends| off.values_at(*ends).max }
            top, bottom = 0, 0 if name == "round1Rect"
            words(left, top, w - right, h - bottom)
            cut.(self, far, round)
          end
        end
      end
    end
  end
end
