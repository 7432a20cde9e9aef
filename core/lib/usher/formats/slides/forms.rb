module Usher
  module Formats
    module Slides
      # Ready shapes that stay items of a kind of their own, so that they can be changed as such; all others are drawn (see
      # Presets). Names are those of ISO/IEC 29500-1, 20.1.10.56; those of OpenDocument are translated.
      module Forms
        CALLOUTS = %w[wedgeRectCallout wedgeRoundRectCallout].freeze
        # How many tips, and how far in the corners between them lie, usually.
        STARS = { "star4" => [ 4, 0.125 ], "star5" => [ 5, 0.19098 ], "star6" => [ 6, 0.28868 ], "star7" => [ 7, 0.34601 ], "star8" => [ 8, 0.375 ], "star10" => [ 10, 0.42533 ], "star12" => [ 12, 0.375 ], "star16" => [ 16, 0.375 ], "star24" => [ 24, 0.375 ], "star32" => [ 32, 0.375 ] }.freeze
        LINES = %w[line straightConnector1].freeze # from corner to corner
        SAME = { "rectangle" => "rect", "circle" => "ellipse", "round-rectangle" => "roundRect", "rectangular-callout" => "wedgeRectCallout", "round-rectangular-callout" => "wedgeRoundRectCallout", "round-callout" => "wedgeEllipseCallout" }.freeze
        RECTANGLE = ->(*) { { "kind" => "rectangle" } }

        # How each is built, from the sides of its box and how far it is bent.
        KINDS = {
          **CALLOUTS.to_h { |name| [ name, ->(_, _, bends) { { "kind" => "callout", "tail" => [ 0.5 + bends.fetch("adj1", -0.208), 0.5 + bends.fetch("adj2", 0.625) ].map { |share| share.clamp(-50, 50) } } } ] },
          **STARS.transform_values { |tips, usual| ->(_, _, bends) { { "kind" => "star", "tips" => tips, "depth" => (bends.fetch("adj", usual) * 2).clamp(0.1, 0.95) } } },
          "roundRect" => ->(width, height, bends) { { "kind" => "rectangle", "round" => [ width, height ].min * bends.fetch("adj", 0.16667).clamp(0, 0.5) } },
          "ellipse" => ->(*) { { "kind" => "ellipse" } },
          "rect" => RECTANGLE
        }.freeze

        ROUND = 1 - Math.sqrt(0.5) # of a radius, between a corner and a quarter of a circle in it

        # Where words stand in those forms that are no rectangles, [left, top, right, bottom] in shares (20.1.9.22).
        AREAS = {
          "ellipse" => ->(*) { [ ROUND / 2, ROUND / 2, 1 - ROUND / 2, 1 - ROUND / 2 ] },
          "roundRect" => ->(wide, high, bends) { [ wide, high ].min.then { |short| [ wide, high ].map { |side| short * bends.fetch("adj", 0.16667).clamp(0, 0.5) * ROUND / side } }.then { |x, y| [ x, y, 1 - x, 1 - y ] } },
          "triangle" => ->(_, _, bends) { bends.fetch("adj", 0.5).clamp(0, 1).then { |top| [ top / 2, 0.5, top / 2 + 0.5, 1.0 ] } },
          **STARS.to_h { |name, (tips, usual)| [ name, ->(_, _, bends) { Forms.star_area(tips, bends.fetch("adj", usual).clamp(0.05, 0.5)) } ] },
          **%w[diamond flowChartDecision].to_h { |name| [ name, ->(*) { [ 0.25, 0.25, 0.75, 0.75 ] } ] }
        }.freeze

        module_function

        # Between the inner corners of a star. inner: how far these are from the middle, in shares of the box.
        def star_area(tips, inner)
          x, y = { 4 => [ 45, 45 ], 5 => [ 18, 54 ], 6 => [ 0, 60 ], 8 => [ 22.5, 67.5 ] }.fetch(tips, [ 45, 45 ]).zip([ Math.method(:cos), Math.method(:sin) ]).map { |turn, measure| inner * measure.call(turn * Math::PI / 180) }
          [ 0.5 - x, 0.5 - y, 0.5 + x, tips == 5 ? 0.5 + inner : 0.5 + y ]
        end

        # The same for a form in a box of these sides, mirrored with it ("across", "down"); nil where all of it is for words.
        def area(name, width, height, bends = {}, flips: [])
          return unless width.positive? && height.positive?
          name = SAME.fetch(name, name)
          found = AREAS[name]&.call(width, height, bends) || (Presets.area(name, width, height, bends) if Presets.known?(name))
          found && mirrored(found, flips)
        end

        # An area, mirrored with its form, as words have it (see `standing`); nil where nothing is left of it.
        def mirrored((left, top, right, bottom), flips)
          left, right = 1 - right, 1 - left if flips.one?
          [ left, top, right, bottom ].map { |share| share.clamp(0.0, 1.0) } if right - left > 0.02 && bottom - top > 0.02
        end

        # The box that the words of a form have: where that is mirrored from top to bottom they stand on their head, and are never
        # mirrored themselves.
        def standing(box, flips) = flips.include?("down") ? Geometry::Box.new(box.x, box.y, box.width, box.height, box.angle + 180) : box

        # Values of an item that has this form in a box of these sides; one that is not known is a rectangle.
        # bends: how far the form is bent, in shares, as the file says it ({ "adj1" => 0.5 }).
        def values(name, width, height, bends = {}) = KINDS.fetch(SAME.fetch(name, name), RECTANGLE).call(width, height, bends)

        # Whether there is a kind of item for this name.
        def kept?(name) = KINDS.key?(SAME.fetch(name, name)) || line?(name)
        def known?(name) = kept?(name) || Presets.known?(name)
        def line?(name) = LINES.include?(name)
      end
    end
  end
end
