module Usher
  module Formats
    module Slides
      # Balloons and labels with a line to what they speak of.
      module Presets
        draws("cloudCallout", adj1: -0.20833, adj2: 0.625) do
          outline.parts.concat(Presets.outline("cloud", w, h).parts.each { |part| part.points.map! { |x, y| [ x * w, y * h ] } })
          x, y = w / 2 + w * bend(:adj1), h / 2 + h * bend(:adj2)
          [ [ 0.25, 0.09 ], [ 0.55, 0.06 ], [ 0.9, 0.03 ] ].each { |along, size| also; cx, cy = w / 2 + (x - w / 2) * (0.6 + along * 0.4), h / 2 + (y - h / 2) * (0.6 + along * 0.4); ellipse(cx, cy, s * size, s * size) }
        end
        # A rectangle, and a line from its side; the numbers are places in shares: down, across.
        { "borderCallout1" => 2, "borderCallout2" => 3, "borderCallout3" => 4, "callout1" => 2, "accentCallout1" => 2, "accentBorderCallout1" => 2, "accentCallout2" => 3, "accentBorderCallout2" => 3, "callout2" => 3 }.each do |name, knots|
          usual = [ 0.1875, -0.08333, knots == 2 ? 1.125 : 0.1875, knots == 2 ? -0.38333 : -0.16667, 1.125, -0.46667, 1.13, -0.6 ]
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
