module Usher
  module Formats
    module Slides
      # Ready shapes by the names that both formats give them (ISO/IEC 29500-1, 20.1.10.56; those of
      # OpenDocument are translated), as kinds of items.
      module Forms
        # Corners in shares of the box.
        CORNERS = {
          "triangle" => [ [ 0.5, 0 ], [ 1, 1 ], [ 0, 1 ] ],
          "rtTriangle" => [ [ 0, 0 ], [ 1, 1 ], [ 0, 1 ] ],
          "diamond" => [ [ 0.5, 0 ], [ 1, 0.5 ], [ 0.5, 1 ], [ 0, 0.5 ] ],
          "parallelogram" => [ [ 0.25, 0 ], [ 1, 0 ], [ 0.75, 1 ], [ 0, 1 ] ],
          "trapezoid" => [ [ 0.25, 0 ], [ 0.75, 0 ], [ 1, 1 ], [ 0, 1 ] ],
          "hexagon" => [ [ 0.25, 0 ], [ 0.75, 0 ], [ 1, 0.5 ], [ 0.75, 1 ], [ 0.25, 1 ], [ 0, 0.5 ] ],
          "octagon" => [ [ 0.293, 0 ], [ 0.707, 0 ], [ 1, 0.293 ], [ 1, 0.707 ], [ 0.707, 1 ], [ 0.293, 1 ], [ 0, 0.707 ], [ 0, 0.293 ] ],
          "plus" => [ [ 0.25, 0 ], [ 0.75, 0 ], [ 0.75, 0.25 ], [ 1, 0.25 ], [ 1, 0.75 ], [ 0.75, 0.75 ], [ 0.75, 1 ], [ 0.25, 1 ], [ 0.25, 0.75 ], [ 0, 0.75 ], [ 0, 0.25 ], [ 0.25, 0.25 ] ]
        }.freeze
        REGULAR = { "pentagon" => 5, "heptagon" => 7, "decagon" => 10, "dodecagon" => 12 }.freeze
        STARS = { "star4" => [ 4, 0.25 ], "star5" => [ 5, 0.38 ], "star6" => [ 6, 0.58 ], "star7" => [ 7, 0.69 ], "star8" => [ 8, 0.75 ], "star10" => [ 10, 0.85 ], "star12" => [ 12, 0.75 ],
          "star16" => [ 16, 0.75 ], "star24" => [ 24, 0.75 ], "star32" => [ 32, 0.75 ], "sun" => [ 12, 0.6 ], "irregularSeal1" => [ 11, 0.6 ], "irregularSeal2" => [ 13, 0.6 ] }.freeze
        # Where arrows point, as quarter turns clockwise from the right.
        ARROWS = { "rightArrow" => 0, "downArrow" => 1, "leftArrow" => 2, "upArrow" => 3, "homePlate" => 0, "chevron" => 0, "leftRightArrow" => 0, "upDownArrow" => 1 }.freeze
        DOUBLE = %w[leftRightArrow upDownArrow].freeze
        ROUND = { "roundRect" => 0.167, "flowChartTerminator" => 0.5, "flowChartAlternateProcess" => 0.167, "flowchart-alternate-process" => 0.118, "can" => 0.2, "plaque" => 0.167, "round2SameRect" => 0.167, "round1Rect" => 0.167, "round2DiagRect" => 0.167 }.freeze
        CALLOUTS = %w[wedgeRectCallout wedgeRoundRectCallout wedgeEllipseCallout cloudCallout borderCallout1].freeze
        SAME = {
          "flowChartDecision" => "diamond", "flowChartInputOutput" => "parallelogram", "flowChartConnector" => "ellipse", "flowChartPreparation" => "hexagon", "donut" => "ellipse", "cloud" => "ellipse",
          "smileyFace" => "ellipse", "isosceles-triangle" => "triangle", "right-triangle" => "rtTriangle", "cross" => "plus", "mathPlus" => "plus", "circle" => "ellipse", "rectangle" => "rect", "round-rectangle" => "roundRect", "ring" => "ellipse",
          "smiley" => "ellipse", "right-arrow" => "rightArrow", "left-arrow" => "leftArrow", "up-arrow" => "upArrow", "down-arrow" => "downArrow", "left-right-arrow" => "leftRightArrow",
          "up-down-arrow" => "upDownArrow", "pentagon-right" => "homePlate", "rectangular-callout" => "wedgeRectCallout", "round-rectangular-callout" => "wedgeRoundRectCallout",
          "round-callout" => "wedgeEllipseCallout", "cloud-callout" => "cloudCallout", "line-callout-1" => "borderCallout1", "flowchart-decision" => "diamond", "flowchart-terminator" => "flowChartTerminator",
          "flowchart-data" => "parallelogram", "flowchart-connector" => "ellipse", "flowchart-preparation" => "hexagon"
        }.freeze

        RECTANGLE = ->(*) { { "kind" => "rectangle" } }

        # How each is built, from the sides of its box and how far it is bent.
        KINDS = {
          **CORNERS.transform_values { |corners| ->(*) { { "kind" => "polygon", "corners" => corners } } },
          **REGULAR.transform_values { |sides| ->(*) { { "kind" => "polygon", "sides" => sides } } },
          **STARS.transform_values { |tips, depth| ->(*) { { "kind" => "star", "tips" => tips, "depth" => depth } } },
          **ARROWS.to_h { |name, _| [ name, ->(width, height, bends) { { "kind" => "polygon", "corners" => arrow(name, width, height, bends) } } ] },
          **ROUND.transform_values { |usual| ->(width, height, bends) { { "kind" => "rectangle", "round" => [ width, height ].min * bends.fetch("adj", usual).clamp(0, 0.5) } } },
          **CALLOUTS.to_h { |name| [ name, ->(_, _, bends) { { "kind" => "callout", "tail" => [ 0.5 + bends.fetch("adj1", -0.208), 0.5 + bends.fetch("adj2", 0.625) ].map { |share| share.clamp(-50, 50) } } } ] },
          "ellipse" => ->(*) { { "kind" => "ellipse" } },
          "rect" => RECTANGLE
        }.freeze
        LINES = %w[line straightConnector1].freeze # from corner to corner

        module_function

        # Values of an item that has this form in a box of these sides; one that is not known is a rectangle.
        # bends: how far the form is bent, in shares, as the file says it ({ "adj1" => 0.5 }).
        def values(name, width, height, bends = {}) = KINDS.fetch(SAME.fetch(name, name), RECTANGLE).call(width, height, bends)

        # Whether there is more than a rectangle for this name.
        def known?(name) = KINDS.key?(SAME.fetch(name, name)) || line?(name)

        def line?(name) = LINES.include?(name)

        # The corners of a block arrow: drawn to the right, then turned.
        def arrow(name, width, height, bends)
          quarter = ARROWS.fetch(name)
          along, across = quarter.odd? ? [ height, width ] : [ width, height ]
          head = ([ along, across ].min * bends.fetch(%w[homePlate chevron].include?(name) ? "adj" : "adj2", 0.5) / [ along, 1 ].max.to_f).clamp(0, DOUBLE.include?(name) ? 0.5 : 1)
          half = bends.fetch("adj1", 0.5).clamp(0, 1) / 2
          right(name, head, half).map { |x, y| quarter.times { x, y = 1 - y, x } && [ x, y ] }
        end

        def right(name, head, half)
          tip = [ [ 1 - head, 0 ], [ 1, 0.5 ], [ 1 - head, 1 ] ]
          case name
          when "homePlate" then [ [ 0, 0 ], *tip, [ 0, 1 ] ]
          when "chevron" then [ [ 0, 0 ], *tip, [ 0, 1 ], [ head, 0.5 ] ]
          when *DOUBLE
            one = [ [ 1 - head, 0.5 - half ], *tip, [ 1 - head, 0.5 + half ] ]
            one + one.map { |x, y| [ 1 - x, 1 - y ] }
          else [ [ 0, 0.5 - half ], [ 1 - head, 0.5 - half ], *tip, [ 1 - head, 0.5 + half ], [ 0, 0.5 + half ] ]
          end
        end
        private_class_method :right
      end
    end
  end
end
