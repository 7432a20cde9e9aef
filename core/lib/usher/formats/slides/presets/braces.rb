module Usher
  module Formats
    module Slides
      # Brackets and braces: a line at one side or at both, over what they half enclose.
      module Presets
        { "leftBracket" => true, "rightBracket" => false }.each do |name, left|
          draws(name, adj1: 0.08333) do
            y = s * bend(:adj1, h / 2 / s)
            left ? words(w * Forms::ROUND, y * Forms::ROUND, w, h - y * Forms::ROUND) : words(0, y * Forms::ROUND, w * (1 - Forms::ROUND), h - y * Forms::ROUND)
            outlined { left ? (move(w, h); arc(w, y, 90, 90); line(0, y); arc(w, y, 180, 90)) : (move(0, 0); arc(w, y, 270, 90); line(w, h - y); arc(w, y, 0, 90)) }
          end
        end
        { "leftBrace" => true, "rightBrace" => false }.each do |name, left|
          draws(name, adj1: 0.08333, adj2: 0.5) do
            middle = h * bend(:adj2, 1)
            y = s * bend(:adj1, [ middle, h - middle ].min / 2 / s)
            left ? words(w - w / 2 * (1 - Forms::ROUND), y * Forms::ROUND, w, h - y * Forms::ROUND) : words(0, y * Forms::ROUND, w / 2 * (1 - Forms::ROUND), h - y * Forms::ROUND)
            outlined do
              if left then move(w, h); arc(w / 2, y, 90, 90); line(w / 2, middle + y); arc(w / 2, y, 0, -90); arc(w / 2, y, 90, -90); line(w / 2, y); arc(w / 2, y, 180, 90)
              else move(0, 0); arc(w / 2, y, 270, 90); line(w / 2, middle - y); arc(w / 2, y, 180, -90); arc(w / 2, y, 270, -90); line(w / 2, h - y); arc(w / 2, y, 0, 90)
              end
            end
          end
        end
        draws("bracketPair", adj1: 0.16667) do
          x = s * bend(:adj1, 0.5)
          room = x * Forms::ROUND
          words(room, room, w - room, h - room)
          also(stroke: false); move(0, x); arc(x, x, 180, 90); line(w - x, 0); arc(x, x, 270, 90); line(w, h - x); arc(x, x, 0, 90); line(x, h); arc(x, x, 90, 90); close
          lines; move(x, h); arc(x, x, 90, 90); line(0, x); arc(x, x, 180, 90); move(w - x, 0); arc(x, x, 270, 90); line(w, h - x); arc(x, x, 0, 90)
        end
        draws("bracePair", adj1: 0.08333) do
          x = s * bend(:adj1, 0.25)
          room = x * Forms::ROUND
          words(x + room, room, w - x - room, h - room)
          left = -> { arc(x, x, 90, 90); line(x, h / 2 + x); arc(x, x, 0, -90); arc(x, x, 90, -90); line(x, x); arc(x, x, 180, 90) }
          right = -> { arc(x, x, 270, 90); line(w - x, h / 2 - x); arc(x, x, 180, -90); arc(x, x, 270, -90); line(w - x, h - x); arc(x, x, 0, 90) }
          also(stroke: false); move(2 * x, h); left.call; line(w - 2 * x, 0); right.call; close
          lines; move(2 * x, h); left.call; move(w - 2 * x, 0); right.call
        end
      end
    end
  end
end
