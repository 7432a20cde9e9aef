module Usher
  module Formats
    module Slides
      # Balloons and labels with a line to what they speak of.
      module Presets
        draws("cloudCallout", adj1: -0.20833, adj2: 0.625) do
          instance_exec(&Presets.drawing("cloud"))
          x, y = w / 2 + w * bend(:adj1), h / 2 + h * bend(:adj2)
          turn = Math.atan2(h * bend(:adj2) * w, w * bend(:adj1) * h) # towards what it speaks of
          dx, dy = w / 2 * Math.cos(turn) + w / 2 - x, h / 2 * Math.sin(turn) + h / 2 - y
          far = [ Math.hypot(dx, dy), 0.001 ].max
          third = (far - s * 6_600 / 21_600) / 3
          [ [ 0, 600 ], [ third + s * 1_800 / 21_600, 1_200 ], [ s * 4_800 / 21_600 + third * 2, 1_800 ] ].each { |along, size| also; ellipse(x + dx * along / far, y + dy * along / far, s * size / 21_600, s * size / 21_600) }
        end
        draws("wedgeEllipseCallout", adj1: -0.20833, adj2: 0.625) do
          turn = Math.atan2(h * bend(:adj2) * w, w * bend(:adj1) * h) * 180 / Math::PI
          words_within
          move(w / 2 + w * bend(:adj1), h / 2 + h * bend(:adj2)); outline.around([ w / 2, h / 2 ], w / 2, h / 2, turn + 11, 338); close
        end
        # A rectangle, and a line from its side; the numbers are places in shares: down, across.
        { "borderCallout1" => 2, "borderCallout2" => 3, "borderCallout3" => 4, "callout1" => 2, "accentCallout1" => 2, "accentBorderCallout1" => 2, "accentCallout2" => 3, "accentBorderCallout2" => 3, "callout2" => 3, "callout3" => 4, "accentCallout3" => 4, "accentBorderCallout3" => 4 }.each do |name, knots|
          usual = [ 0.1875, -0.08333, *{ 2 => [ 1.125, -0.38333 ], 3 => [ 0.1875, -0.16667, 1.125, -0.46667 ], 4 => [ 0.1875, -0.16667, 1.0, -0.16667, 1.12963, -0.08333 ] }[knots] ]
          draws(name, **(1..knots * 2).to_h { |n| [ :"adj#{n}", usual[n - 1] ] }) do
            also(stroke: name.match?(/border/i)); rectangle(0, 0, w, h)
            lines; places = (1..knots).map { |n| [ w * bend(:"adj#{n * 2}"), h * bend(:"adj#{n * 2 - 1}") ] }
            move(*places[0]); places.drop(1).each { |place| line(*place) }
            (move(places[0][0], 0); line(places[0][0], h)) if name.start_with?("accent")
          end
        end
      end
    end
  end
end
