module Usher
  module Formats
    module Slides
      # How something of this style is painted.
      class OpenDocument::Inks
        Node = OpenDocument::Node
        PLACES = { "left" => 0, "top" => 0, "right" => 1, "bottom" => 1 }.freeze # of a picture in what it fills, else in its middle
        SETS = { "single" => [ 0 ], "double" => [ 0, 90 ], "triple" => [ 0, 90, 45 ] }.freeze # degrees of a hatch's lines

        def initialize(styles, family, name)
          @styles, @family, @name = styles, family, name
        end

        def said(attribute) = @styles.of(@family, @name, attribute)

        def look
          stroke = said("stroke")
          Look.new(fill: fill, paint: paint, stroke: stroke.nil? || stroke == "none" ? "none" : colour("stroke-color") || "#000000", stroke_width: Node.points(said("stroke-width")) || 0,
            dash: dash, opacity: opacity, heads: heads)
        end

        # 0 to 1: at 1 nothing is seen through it.
        def opacity = said("opacity")&.end_with?("%") ? (said("opacity").to_f / 100).clamp(0, 1) : 1

        # "#rrggbb", or "none".
        def fill
          case kind
          when "solid" then colour("fill-color") || "none"
          when "hatch", "gradient" then paint&.mean || "none"
          else "none"
          end
        end

        # How it is filled, where that is said.
        def kind = said("fill") || ("solid" if said("fill-color"))

        # The archive's name of the picture it is filled with, or nil.
        def picture = said("fill") == "bitmap" ? @styles.other("fill-image", said("fill-image-name"))&.[]("href")&.delete_prefix("./") : nil

        # The picture it is filled with, of these bytes, as a Photo: stretched, once, or beside itself over and over, which it is where
        # nothing is said (20.172, 20.112 and 20.113). nil for one that cannot be a fill.
        def photo(bytes)
          return unless Photo.reads?(bytes)
          sizes = Raster.size(bytes)&.zip(sides)&.map { |dots, side| tile(side, dots * Photo.dot(bytes)) } unless stretched?
          return Photo.new(bytes) unless sizes&.all?
          Photo.new(bytes, tile: sizes, parts: sides.map { |side| part(side) }, from: from, shift: %w[x y].map { |way| part(said("fill-image-ref-point-#{way}").to_s).to_f }, once: said("repeat") == "no-repeat")
        end

        # Whether its picture fills it all, once.
        def stretched? = said("repeat") == "stretch" || sides.all? { |side| part(side)&.>=(1) }

        # How the colours of a picture are changed: see Toning, or nil.
        def toning
          case said("color-mode")
          when "greyscale" then Toning::GREY
          when "watermark" then Toning.lighter(*Toning::PALE)
          else Toning.lighter(*%w[luminance contrast].map { |name| (said(name).to_f / 100).clamp(-1, 1) })
          end
        end

        # What it is filled with when that is more than a colour: a Paint, or nil.
        def paint = kind == "hatch" ? hatching : gradient

        private

        # How large a picture is along one side, in shares of its own.
        def tile(said, own) = Node.points(said).to_f.then { |points| points.positive? ? points / own : 1 }

        def sides = %w[width height].map { |side| said("fill-image-#{side}").to_s }

        # A length that is said as a share of another, or nil.
        def part(said) = (said.to_f / 100 if said.end_with?("%") && said.to_f.positive?)

        # Where it lies, [across, down] in shares of the room beside it.
        def from = said("fill-image-ref-point").to_s.split("-").then { |words| [ %w[left right], %w[top bottom] ].map { |ends| PLACES.fetch((ends & words).first, 0.5) } }

        # The Gradient of its colours, or of how much it lets through, or nil (20.122, 20.126).
        def gradient
          return unless %w[gradient solid].include?(kind)
          given = SvgGradient::PLACES.keys.filter_map { |name| @styles.other(name, said("fill-gradient-name")) }.first if kind == "gradient"
          return as_in_svg(given) if given
          colours = @styles.other("gradient", said("fill-gradient-name")) if kind == "gradient"
          clear = @styles.other("opacity", said("opacity-name"))
          node = colours || clear or return
          ends = %w[start end].map { |side| [ ended(colours, side), opaque(clear, side, alone: colours.nil?) ] }
          stretched(node, *ends) if ends.all?(&:first)
        end

        # Gradients may be given as SVG has them too (16.40.2).
        def as_in_svg(node)
          share = ->(said) { said && (said.end_with?("%") ? said.to_f / 100 : said.to_f) }
          stops = node.all("stop").filter_map { |stop| stop["stop-color"].to_s[/\A#\h{6}\z/]&.then { |found| [ share.(stop["offset"]).to_f, found.downcase, (share.(stop["stop-opacity"]) || 1).clamp(0, 1) ] } }
          SvgGradient.new(node.name, SvgGradient::PLACES.fetch(node.name).to_h { |name, _| [ name, share.(node[name.to_s]) ] }, stops) if stops.any?
        end

        # The colour at one end of a gradient, as strong as it is said to be; its fill where only its opacity changes.
        def ended(colours, side)
          return colour("fill-color") unless colours
          strength = (colours["#{side}-intensity"] || "100%").to_f / 100
          colours["#{side}-color"].to_s[/\A#\h{6}\z/]&.then { |found| "##{found.scan(/\h\h/).map { |part| format('%02x', (part.hex * strength).round.clamp(0, 255)) }.join}" }
        end

        # Where both change, each its own way, what is let through is what it is on average.
        def opaque(clear, side, alone:)
          return 1 unless clear
          shares = %w[start end].to_h { |one| [ one, (clear[one] || "100%").to_f / 100 ] }
          alone ? shares[side] : shares.values.sum / 2
        end

        # From its start to its end, which is in the middle of what is round, and on both sides of what is axial; its border is
        # all start, or end.
        def stretched(node, start, finish)
          border, centre = node["border"].to_f / 100, %w[cx cy].map { |side| (node[side] || "50%").to_f / 100 }
          turn = degrees(node["angle"])
          case node["style"]
          when "radial" then Gradient.new("circle", [ [ 0, *finish ], [ 1 - border, *start ] ], centre: centre)
          when "square", "rectangular" then RectangularGradient.new([ [ 0, *finish ], [ 1 - border, *start ] ], centre: centre, angle: -turn, square: node["style"] == "square", even: true)
          when "ellipsoid" then Gradient.new("ellipse", [ [ 0, *finish ], [ 1 - border, *start ] ], centre: centre)
          when "axial" then Gradient.new("linear", [ [ border / 2, *finish ], [ 0.5, *start ], [ 1 - border / 2, *finish ] ], angle: 90 - turn)
          else Gradient.new("linear", [ [ border, *start ], [ 1, *finish ] ], angle: 90 - turn)
          end
        end

        # An angle without a unit is in tenths of a degree.
        def degrees(angle) = angle.to_s.end_with?("deg") ? angle.to_f : angle.to_f / 10

        def colour(attribute) = said(attribute)&.downcase&.then { |value| value if value.match?(/\A#\h{6}\z/) }

        # Lines over nothing, or over its fill (20.137): one set, two that cross, or a third that is slanted.
        def hatching
          node = @styles.other("hatch", said("fill-hatch-name"))
          lines = node&.[]("color").to_s.downcase
          return unless lines.match?(/\A#\h{6}\z/)
          ways = SETS.fetch(node["style"], SETS["single"]).map { |way| way - degrees(node["rotation"]) }
          Hatching.new(lines, ways: ways, apart: Node.points(node["distance"]) || 4, ground: (colour("fill-color") if said("fill-hatch-solid") == "true"))
        end

        # One or two kinds of dashes in a row, each so many times, with the same gap behind each (20.141). One that says no length
        # is as long as the line is broad.
        def dash
          return "solid" unless said("stroke") == "dash"
          node = @styles.other("stroke-dash", said("stroke-dash")) or return "dashed"
          gap = lengths(node["distance"])
          Items::Dash.own([ 1, 2 ].flat_map { |kind| [ [ lengths(node["dots#{kind}-length"]), gap ] ] * node["dots#{kind}"].to_i.clamp(0, 20) })
        end

        # In stroke widths.
        def lengths(length)
          return length.to_f / 100 if length.to_s.end_with?("%")
          points = Node.points(length)
          points ? points / [ Node.points(said("stroke-width")) || 0, HAIR ].max : 1
        end

        def heads
          start, finish = %w[marker-start marker-end].map { |name| !said(name).to_s.empty? }
          { [ true, true ] => "both", [ true, false ] => "start", [ false, true ] => "end" }[[ start, finish ]]
        end
      end
    end
  end
end
