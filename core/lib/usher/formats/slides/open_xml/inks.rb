module Usher
  module Formats
    module Slides
      # Colours, fills and lines (ISO/IEC 29500-1, 20.1.2.3), through the theme of the slide's master.
      class OpenXml::Inks
        Part = OpenXml::Part
        MAP = { "bg1" => "lt1", "tx1" => "dk1", "bg2" => "lt2", "tx2" => "dk2" }.freeze
        NAMED = { "black" => "000000", "white" => "ffffff", "red" => "ff0000", "green" => "008000", "blue" => "0000ff", "yellow" => "ffff00", "gray" => "808080", "orange" => "ffa500" }.freeze
        # Of ready lines (ISO/IEC 29500-1, 20.1.10.48): dashes and gaps, in stroke widths.
        DASHES = { "dot" => [ 1, 3 ], "sysDot" => [ 1, 1 ], "dash" => [ 4, 3 ], "sysDash" => [ 3, 1 ], "lgDash" => [ 8, 3 ], "dashDot" => [ 4, 3, 1, 3 ], "sysDashDot" => [ 3, 1, 1, 1 ], "lgDashDot" => [ 8, 3, 1, 3 ],
          "sysDashDotDot" => [ 3, 1, 1, 1, 1, 1 ], "lgDashDotDot" => [ 8, 3, 1, 3, 1, 3 ] }.transform_values { |lengths| Items::Dash.own(lengths) }.merge("solid" => "solid").freeze
        DOWN = 5_400_000 # the way of a gradient that says none
        USUAL_BREADTH = 0.75 # points

        # layers: the slide, its layout and its master.
        def initialize(layers)
          @themed = theme = layers.last.follow("theme")
          @format = Part.at(theme&.root, "themeElements", "fmtScheme")
          @fonts = Part.at(theme&.root, "themeElements", "fontScheme")
          @theme = scheme(Part.at(theme&.root, "themeElements"))
          map = layers.filter_map { |part| Part.at(part.root, "clrMapOvr", "overrideClrMapping") || Part.at(part.root, "clrMap") }.first
          @map = map ? MAP.merge(map.attributes.transform_values(&:value)) : MAP
        end

        # The same with the colours and faces of a theme of its own, which a chart may have. override: its Part, or nil.
        def with(override) = override ? dup.tap { |own| own.theme, own.fonts = @theme.merge(scheme(override.root)), Part.at(override.root, "fontScheme") || @fonts } : self

        # How large the picture of a fill lies beside itself, [across, down] in shares of its own size; nil where it does not.
        def self.tile(fill) = Part.at(fill, "tile")&.then { |node| %w[sx sy].map { |side| node[side] ? node[side].to_f.abs.clamp(1_000, 10_000_000) / 100_000 : 1 } }

        # How much of what lies behind it the picture of a fill lets through: 1 is nothing.
        def self.clear(fill) = (Part.at(fill, "blip", "alphaModFix")&.[]("amt")&.to_f&./(100_000) || 1).clamp(0, 1)

        # The colour that an element holds ("#rrggbb"), or nil.
        def colour(holder)
          node = holder&.element_children&.find { |child| child.name.end_with?("Clr") }
          found = node && base(node)
          found && changed(found, node.element_children)
        end

        # How much of what lies behind it lets through: 1 is nothing.
        def opacity(holder)
          fill = Part.at(holder, "solidFill") || Part.at(holder, "gradFill", "gsLst", "gs")
          fill ? opacity_of(fill) : 1
        end

        # What a shape's properties, or a run's, are filled with: "#rrggbb", "none", or nil where they say nothing.
        def fill(holder)
          node = holder&.element_children&.find { |child| child.name.end_with?("Fill") } or return
          case node.name
          when "noFill" then "none"
          when "solidFill" then colour(node)
          when "gradFill" then mean(Part.all(node, "gsLst", "gs").filter_map { |stop| colour(stop) })
          when "pattFill" then patterned(node)&.mean
          end
        end

        # What a shape's properties, or a slide's, are filled with when that is more than a colour: a Paint, or nil.
        def paint(holder)
          Part.at(holder, "gradFill")&.then { |node| graded(node) } || Part.at(holder, "pattFill")&.then { |node| patterned(node) }
        end

        # What the style of the theme that a reference names is filled with, where it is more than a colour, in the reference's own
        # colour; nil otherwise.
        def themed(reference)
          number = reference&.[]("idx").to_i
          list, number = number > 1000 ? [ "bgFillStyleLst", number - 1000 ] : [ "fillStyleLst", number ]
          paint = Part.at(@format, list)&.element_children.to_a[number - 1] if number.positive?
          @own = colour(reference)
          return photo(paint, @themed) if paint&.name == "blipFill"
          { "gradFill" => :graded, "pattFill" => :patterned }[paint&.name]&.then { |how| send(how, paint) }
        ensure
          @own = nil
        end

        # The picture of a fill, as the part that holds it has it; nil where it cannot be a fill.
        def photo(fill, part)
          bytes = part&.related(Part.relation(Part.at(fill, "blip"), "embed"))&.bytes
          Photo.new(bytes, tile: self.class.tile(fill), toned: toning(fill), opacity: self.class.clear(fill)) if Photo.reads?(bytes)
        end

        # Whether the picture of a fill is shown otherwise than it is.
        def changed?(fill) = self.class.tile(fill) || self.class.clear(fill) < 1 || toning(fill)

        # How the colours of the picture of a fill are changed: see Toning, or nil.
        def toning(fill)
          blip = Part.at(fill, "blip")
          return Toning::GREY if Part.at(blip, "grayscl")
          light = Part.at(blip, "lum")
          return Toning.lighter(*%w[bright contrast].map { |name| share(light[name]).clamp(-1, 1) }) if light
          two = Part.at(blip, "duotone")&.element_children.to_a.filter_map { |node| base(node)&.then { |colour| changed(colour, node.element_children) } }
          Toning.between(*two) if two.size == 2
        end

        # How a shape is painted: by its own properties, those of the groups around it where it says so, its style, or what it inherits
        # from. Answers with a Look.
        def look(properties, style, inherited: [], groups: [])
          line = [ properties, *inherited ].filter_map { |node| Part.at(node, "ln") }
          stroke = fill(Part.at(properties, "ln")) || styled(style, "lnRef") || line.filter_map { |node| fill(node) }.first
          stroke_width = line.filter_map { |node| node["w"] }.first&.to_f&./(OpenXml::POINT) || theme_stroke_width(style)
          filled = [ properties, *groups ].find { |node| fill(node) } || (inherited.find { |node| fill(node) } unless Part.at(style, "fillRef"))
          paint = filled ? paint(filled) : themed(Part.at(style, "fillRef"))
          Look.new(paint: paint, fill: (filled && fill(filled)) || styled(style, "fillRef") || "none", stroke: stroke || "none", stroke_width: stroke_width, dash: dash(line), opacity: filled && !paint ? opacity(filled) : 1, heads: heads(line))
        end

        # The colour of a fill as it looks over another one, where it lets something through: "#rrggbb", "none" or nil.
        def fill_over(holder, ground)
          found, share = fill(holder), opacity(holder).clamp(0, 1)
          found.nil? || found == "none" || share == 1 ? found : Paint.mean([ found, ground ], [ share, 1 - share ])
        end

        # How lines are broken (ln elements, the nearest first): see Items::Dash.
        def dash(lines)
          said = lines.flat_map(&:element_children).find { |child| %w[prstDash custDash].include?(child.name) } or return "solid"
          return DASHES.fetch(said["val"], "dashed") if said.name == "prstDash"
          Items::Dash.own(Part.all(said, "ds").map { |one| %w[d sp].map { |part| one[part].to_s.end_with?("%") ? one[part].to_f / 100 : one[part].to_f / 100_000 } })
        end

        # The colour that a shape's style gives to what is written in it.
        def lettering(style) = colour(Part.at(style, "fontRef"))

        # What the theme calls the font of titles ("+mj-lt") or of everything else; nil where it names none.
        def font(role) = Part.at(@fonts, role.to_s.start_with?("+mj") ? "majorFont" : "minorFont", "latin")&.[]("typeface")

        # A colour of the theme by its name ("accent1").
        def of_theme(name) = @theme[name]&.element_children&.first&.then { |node| base(node) }

        # What the style refers to: its colour, unless it refers to nothing.
        def styled(style, name)
          reference = Part.at(style, name)
          return if reference.nil?
          reference["idx"].to_i.zero? ? "none" : colour(reference)
        end

        # Points.
        def theme_stroke_width(style)
          index = Part.at(style, "lnRef")&.[]("idx").to_i
          line = Part.all(@format, "lnStyleLst", "ln")[index - 1] if index.positive?
          line ? line["w"].to_f / OpenXml::POINT : USUAL_BREADTH
        end

        protected

        attr_writer :theme, :fonts

        private

        # { "accent1" => the element of its colour, ... }
        def scheme(holder) = (Part.at(holder, "clrScheme")&.element_children || []).to_h { |node| [ node.name, node ] }

        def graded(node)
          stops = Part.all(node, "gsLst", "gs").filter_map { |stop| colour(stop)&.then { |found| [ share(stop["pos"]), found, opacity_of(stop).clamp(0, 1) ] } }
          return if stops.size < 2
          path = Part.at(node, "path") or return Gradient.new("linear", stops, angle: (Part.at(node, "lin")&.[]("ang") || DOWN).to_f / 60_000)
          into = Part.at(path, "fillToRect")
          left, top, right, bottom = %w[l t r b].map { |side| share(into&.[](side)) }
          return RectangularGradient.new(stops, inner: [ left, top, 1 - right, 1 - bottom ].map { |side| side.clamp(0, 1) }) unless path["path"] == "circle"
          Gradient.new("corners", stops, centre: [ (left + 1 - right) / 2, (top + 1 - bottom) / 2 ])
        end

        # Lines, dots or tiles of one colour over another, by the name of the pattern.
        def patterned(node)
          front, ground = %w[fgClr bgClr].map { |name| Part.at(node, name)&.then { |found| colour(found) unless opacity_of(found).zero? } }
          OpenXml::Patterns.paint(node["prst"], front || "#000000", ground) if front || ground
        end

        def opacity_of(holder)
          alpha = holder.element_children.first&.then { |node| Part.at(node, "alpha") }
          alpha ? share(alpha["val"]) : 1
        end

        def heads(lines)
          seen = %w[head tail].map { |side| ![ nil, "none" ].include?(lines.filter_map { |line| Part.at(line, "#{side}End")&.[]("type") }.first) }
          { [ true, true ] => "both", [ true, false ] => "start", [ false, true ] => "end" }[seen]
        end

        def base(node)
          case node.name
          when "srgbClr" then hex(node["val"])
          when "sysClr" then hex(node["lastClr"] || "000000")
          when "prstClr" then hex(NAMED[node["val"]] || "808080")
          when "scrgbClr" then "##{%w[r g b].map { |part| format('%02x', (share(node[part]) * 255).round.clamp(0, 255)) }.join}"
          when "hslClr" then Tints.from_hsl((node["hue"].to_f / 60_000).clamp(0, 360), share(node["sat"]), share(node["lum"]))
          when "schemeClr" then node["val"] == "phClr" ? @own : of_theme(@map.fetch(node["val"], node["val"]))
          end
        end

        def hex(value) = ("##{value.downcase}" if value.to_s.match?(/\A\h{6}\z/))
        def share(value) = (value.to_s.end_with?("%") ? value.to_f / 100 : value.to_f / 100_000).clamp(-400, 400)
        def mean(colours) = (Paint.mean(colours) if colours.any?)

        # Lighter, darker or stronger, as the elements in a colour say, in their order.
        def changed(colour, changes) = changes.reduce(colour) { |now, change| Tints.change(now, change.name, share(change["val"])) }
      end
    end
  end
end
