module Usher
  module Formats
    module Slides
      # The shapes of one part, onto a canvas (ISO/IEC 29500-1, 19.3.1 and 20.1.2).
      class OpenXml::Tree
        Part, Placeholders, Writing = OpenXml::Part, OpenXml::Placeholders, OpenXml::Writing
        DRAW = { "sp" => :shape, "cxnSp" => :shape, "pic" => :picture, "grpSp" => :group, "graphicFrame" => :frame, "AlternateContent" => :alternative, "control" => :control }.freeze
        PLAYED = { "videoFile" => "video", "audioFile" => "sound", "quickTimeFile" => "video", "wavAudioFile" => "sound" }.freeze
        SHADES = { "lighten" => 0.4, "lightenLess" => 0.2, "darken" => -0.4, "darkenLess" => -0.2 }.freeze
        PLAIN = %w[rect roundRect ellipse].freeze # forms that pictures have by themselves
        NAMES, RELATED = %w[id spid].freeze, %w[relid id pict].freeze # attributes in VML that name a shape, and a picture
        ON = %w[1 true].freeze

        # backdrop: whether it is a layout or a master, whose placeholders are not shown; group: the Matrix from what is drawn here to
        # the slide, or nil; ground: the colour of the slide.
        def initialize(part, canvas, inks, placeholders, backdrop: false, group: nil, ground: nil)
          @part, @canvas, @inks, @placeholders, @backdrop, @group, @ground = part, canvas, inks, placeholders, backdrop, group, ground
          @painted = [] # properties of the groups around, which may paint what is in them, innermost first
        end

        def draw(tree)
          tree.element_children.each { |node| DRAW[node.name]&.then { |way| @canvas.attempt { send(way, node) } } }
        end

        private

        def shape(node)
          holder = Placeholders.of(node)
          return if holder && @backdrop
          behind = @placeholders.behind(node)
          properties, *inherited = [ node, *behind ].map { |one| Part.at(one, "spPr") }.compact
          box, flips = placed([ properties, *inherited ])
          return unless box
          paint, style = Part.at(properties, "blipFill"), Part.at(node, "style")
          written = words(node, behind, style)
          return pictured(node, paint, box, flips, written) if paint
          apart = written_apart(node, written, box) and written = nil
          form([ properties, *inherited ], box, look(node, properties, style, inherited), flips: flips, words: written, link: link(node))
          apart&.call
        end

        # It may be painted as its group is, or as the slide behind it.
        def look(node, properties, style, inherited)
          return @inks.look(properties, style, inherited: inherited, groups: @painted) if Part.at(properties, "grpFill")
          @inks.look(properties, style, inherited: inherited).tap { |look| look.fill, look.paint = @ground, nil if @ground && ON.include?(node["useBgFill"]) }
        end

        # In a diagram words may have a box of their own, turned once more than their shape: they are put over it afterwards. nil
        # where they have none.
        def written_apart(node, words, box)
          own, = placed([ node ], "txXfrm") if words
          own && -> { @canvas.write(words, Geometry::Box.new(own.x, own.y, own.width, own.height, own.angle + box.angle)) }
        end

        def form(properties, box, look, **given)
          free = Part.at(properties.first, "custGeom")
          if free
            given[:words]&.area = area(free, box, given[:flips])
            return @canvas.drawn(outline(free, box), box, look, **given)
          end
          geometry = properties.filter_map { |one| Part.at(one, "prstGeom") }.first
          name = geometry&.[]("prst") || "rect"
          given[:words]&.area = Forms.area(name, box.width, box.height, bends(geometry), flips: given[:flips])
          return @canvas.form(name, box, look, bends: bends(geometry), **given) unless Connectors.known?(name)
          connector(name, bends(geometry), box, look, **given)
        end

        def connector(name, bends, box, look, flips:, words: nil, link: nil)
          place = ->(places) { places.map { |share| onto(box, share, flips) } }
          @canvas.together do
            Connectors.bent?(name) ? @canvas.line(place.(Connectors.corners(name, bends)), look, link: link) : @canvas.curves(Connectors.curves(name, bends).map(&place), look, link: link)
            @canvas.write(words, box)
          end
        end

        def words(node, behind, style)
          bodies = [ node, *behind ].map { |one| Part.at(one, "txBody") }
          Writing.new(@part, @inks, bodies.compact, @placeholders.styles(node), lettering: @inks.lettering(style), ground: under(node)).words if bodies.first
        end

        # The colour behind the words of a shape.
        def under(node) = @inks.fill(Part.at(node, "spPr")).then { |fill| fill unless fill == "none" } || @ground || Colour::WHITE

        def pictured(node, paint, box, flips, words)
          @canvas.together do
            image(node, paint, box, flips, Part.at(node, "spPr"), style: Part.at(node, "style"))
            @canvas.write(words, box)
          end
        end

        def picture(node)
          return if @backdrop && Placeholders.of(node)
          properties = Part.at(node, "spPr")
          box, flips = placed([ properties, *@placeholders.behind(node).map { |one| Part.at(one, "spPr") } ].compact)
          return unless box
          played = Part.at(node.element_children.first, "nvPr")&.element_children&.find { |child| PLAYED.key?(child.name) }
          film = media(played) if played
          return @canvas.media(PLAYED[played.name], film.name, box) if film
          image(node, Part.at(node, "blipFill"), box, flips, properties)
          @canvas.miss(PLAYED[played.name]) if played
        end

        # How round the corners of a picture in this form are; one in a circle is as round as it can be.
        def rounded(geometry, box)
          share = { "ellipse" => 0.5, "roundRect" => bends(geometry).fetch("adj", 0.16667) }.fetch(geometry&.[]("prst"), 0)
          [ box.width, box.height ].min * share.clamp(0, 0.5)
        end

        # The part that is played: a newer file names it beside the link that older programs follow.
        def media(played)
          newer = played.parent.at_xpath(".//*[local-name()='media']")
          @part.related(Part.relation(newer, "embed")) || @part.related(Part.relation(played, "link")) || @part.related(Part.relation(played, "embed"))
        end

        # Of another form than a picture can have by itself: an Outline in shares of its box, or nil. always: even of one that it can.
        def cut(properties, box, always: false)
          free, preset = Part.at(properties, "custGeom"), Part.at(properties, "prstGeom")
          return outline(free, box) if free
          name = preset&.[]("prst") || "rect"
          Presets.outline(name, box.width, box.height, bends(preset)) if Presets.known?(name) && (always || !PLAIN.include?(name) || (name == "ellipse" && box.width != box.height))
        end

        # properties: of the shape it has, whose outline it may have too; style: what that looks like where it says nothing.
        def image(node, fill, box, flips, properties, style: nil)
          blip = Part.at(fill, "blip")
          part = @part.related(Part.relation(blip, "embed"))
          left, top, right, bottom = %w[l t r b].map { |side| (Part.at(fill, "srcRect")&.[](side).to_f / 100_000).clamp(0, 0.95) }
          crop = [ left, top, 1 - left - right, 1 - top - bottom ] if [ left, top, right, bottom ].any?(&:positive?)
          crop = nil if crop && crop.last(2).min < 0.02
          opacity = OpenXml::Inks.clear(fill)
          told = { alt: named(node)["descr"], flips: flips, link: link(node) }
          look, tile, toned = @inks.look(properties, style), OpenXml::Inks.tile(fill), @inks.toning(fill)
          form = cut(properties, box, always: tile || toned) if Photo.reads?(part&.bytes)
          return @canvas.drawn(form, box, look.tap { look.fill, look.paint, look.opacity = Chart::GREY, Photo.new(part.bytes, crop: crop, tile: tile, toned: toned), opacity }, **told) if form
          @canvas.picture(part&.name, part&.bytes, box, crop: crop, round: rounded(Part.at(properties, "prstGeom"), box), opacity: opacity.clamp(0.05, 1), look: look, **told)
        end

        def group(node)
          properties = Part.at(node, "grpSpPr")
          box, flips = placed([ properties ].compact)
          return @canvas.together { draw(node) } unless box
          frame = Part.at(properties, "xfrm")
          at, size = pair(frame, "chOff", "x", "y"), pair(frame, "chExt", "cx", "cy")
          inner = at && size ? Geometry::Box.new(*at, *size, 0) : box
          within(Matrix.new(box, inner, flips: flips), properties) { @canvas.together { draw(node) } }
        end

        # A button or a film of another program, of which there is nothing but a picture.
        def control(node)
          stand_in = node.at_xpath(".//*[local-name()='pic']")
          return picture(stand_in) if stand_in
          shape = older("_x0000_s#{node["spid"]}")
          kept, box = likeness(shape), standing(shape)
          kept && box ? @canvas.picture(kept.name, kept.bytes, box, alt: node["name"]) : @canvas.miss("object")
        end

        # A table, a diagram, a chart or something of another program.
        def frame(node)
          data = Part.at(node, "graphic", "graphicData")
          box, = placed([ node ])
          return unless data && box
          table, stand_in = Part.at(data, "tbl"), data.at_xpath(".//*[local-name()='pic']")
          if table then @canvas.table(*OpenXml::Grid.new(@part, @inks, @placeholders, table).measures(box), box)
          elsif (drawing = drawing_of(data)) then parts_of(drawing, box)
          elsif (chart = chart(data)) then chart.draw(@canvas, box)
          elsif stand_in then picture(stand_in)
          elsif (diagram = diagram(data)) then plainly(diagram, box, data)
          elsif (kept = likeness(older(Part.at(data, "oleObj")&.[]("spid")))) then @canvas.picture(kept.name, kept.bytes, box, alt: named(node)["descr"], link: link(node))
          else @canvas.miss(data["uri"].to_s.end_with?("/chart") ? "chart" : "object")
          end
        end

        # The shape of this name in the drawing in VML that older files keep beside the slide (ISO/IEC 29500-4, 19.1.2.19), or nil.
        def older(name)
          @older ||= @part.follow("vmlDrawing")&.then { |drawing| [ drawing, drawing.root.xpath(".//*[local-name()='shape']") ] } || [ nil, [] ]
          @older.last.find { |shape| shape.attribute_nodes.any? { |attribute| NAMES.include?(attribute.node_name) && attribute.value == name } }
        end

        # The part with its picture, or nil.
        def likeness(shape)
          Part.at(shape, "imagedata")&.attribute_nodes.to_a.filter_map { |attribute| @older.first.related(attribute.value) if RELATED.include?(attribute.node_name) }.first
        end

        # Where its style puts it, in points; nil where that does not say so in points.
        def standing(shape)
          said = shape&.[]("style").to_s.scan(/([a-z-]+):(-?[\d.]+)pt/).to_h
          Geometry::Box.new(*%w[left top width height].map { |side| said[side].to_f }, 0) if %w[left top width height].all? { |side| said[side] }
        end

        def chart(data) = @part.related(Part.relation(Part.at(data, "chart"), "id"))&.then { |part| OpenXml::KeptChart.read(part.root, @inks.with(part.follow("themeOverride"))) }

        # A diagram as it was last drawn, which is kept beside its data.
        def drawing_of(data)
          drawing = kept(data, "dm")&.root&.at_xpath(".//*[local-name()='dataModelExt']")&.then { |extension| @part.related(extension["relId"]) }
          drawing if Part.at(drawing&.root, "spTree")&.element_children.to_a.any? { |child| DRAW.key?(child.name) }
        end

        def diagram(data) = kept(data, "dm")&.then { |part| OpenXml::Diagram.read(part.root, kept(data, "lo")&.root, @inks.of_theme("accent1") || Colour::TIDE, face: Fonts.even(@inks.font(nil))) }

        def plainly(diagram, box, data)
          ground = @inks.fill(Part.at(kept(data, "dm").root, "bg"))
          @canvas.form("rect", box, Look.new(fill: ground, stroke: "none", stroke_width: 0, dash: "solid", opacity: 1)) unless [ nil, "none" ].include?(ground)
          diagram.draw(@canvas, box)
          @canvas.miss("diagram's layout")
        end

        # What is in a diagram ("dm"), and how it lies ("lo").
        def kept(data, part) = @part.related(Part.relation(Part.at(data, "relIds"), part))

        def parts_of(drawing, box)
          matrix = Matrix.new(box, Geometry::Box.new(0, 0, box.width, box.height, 0))
          @canvas.together { self.class.new(drawing, @canvas, @inks, @placeholders, group: matrix, ground: @ground).draw(Part.at(drawing.root, "spTree")) }
        end

        # The same thing for readers that know more or less: the plain one.
        def alternative(node)
          chosen = [ Part.at(node, "Fallback"), Part.at(node, "Choice") ].compact.find { |one| one.element_children.any? }
          draw(chosen) if chosen
        end

        # matrix: from what is in a group to the slide.
        def within(matrix, properties)
          outer, @group, @painted = @group, matrix, [ properties, *@painted ]
          yield
        ensure
          @group, @painted = outer, @painted.drop(1)
        end

        # The box in points of the first of these that has one, on the slide, and its flips; nil where none has.
        def placed(properties, name = "xfrm")
          frame = properties.filter_map { |one| Part.at(one, name) }.find { |one| pair(one, "off", "x", "y") && pair(one, "ext", "cx", "cy") } or return
          box = Geometry::Box.new(*pair(frame, "off", "x", "y"), *pair(frame, "ext", "cx", "cy"), (frame["rot"].to_f - leant(properties)) / 60_000)
          flips = { "across" => "flipH", "down" => "flipV" }.select { |_, name| ON.include?(frame[name]) }.keys
          @group ? @group.apply(box, flips) : [ box, flips ]
        end

        # By how much the eye that looks at it is turned (20.1.5.11): as far as it seems turned the other way.
        def leant(properties) = properties.filter_map { |one| Part.at(one, "scene3d", "camera", "rot")&.[]("rev") }.first.to_f

        # Two measures in points.
        def pair(node, name, *attributes) = Part.at(node, name)&.then { |found| attributes.map { |attribute| found[attribute].to_f / OpenXml::POINT } }

        def onto(box, (across, down), flips)
          box.to_page((flips.include?("across") ? 1 - across : across) * box.width, (flips.include?("down") ? 1 - down : down) * box.height)
        end

        # How far a ready form is bent, in shares.
        def bends(geometry) = Part.all(geometry, "avLst", "gd").to_h { |guide| [ guide["name"], guide["fmla"].to_s[/\Aval (-?\d+)/, 1].to_f / 100_000 ] }

        def named(node) = Part.at(node.element_children.first, "cNvPr") || {}

        # What the whole shape opens: see Part#opened.
        def link(node) = named(node).then { |known| Part.at(known, "hlinkClick") unless known.is_a?(Hash) }&.then { |click| @part.opened(click) }

        # What the names of a freely drawn form stand for.
        def guides(geometry, box)
          OpenXml::Guides.new(box.width * OpenXml::POINT, box.height * OpenXml::POINT).tap do |guides|
            %w[avLst gdLst].each { |list| Part.all(geometry, list, "gd").each { |guide| guides.define(guide["name"], guide["fmla"].to_s) } }
          end
        end

        # Where words may stand in a freely drawn form, in shares of its box; nil where it does not say it.
        def area(geometry, box, flips)
          said, known = Part.at(geometry, "rect"), guides(geometry, box)
          wide, high = [ box.width, box.height ].map { |side| [ side * OpenXml::POINT, 1.0 ].max }
          left, top, right, bottom = %w[l t r b].zip([ wide, high ] * 2).map { |side, long| (known[said[side].to_s] / long).clamp(0.0, 1.0) } if said
          Forms.mirrored([ left, top, right, bottom ], flips) if said
        end

        # A freely drawn form, its points as shares of the box.
        def outline(geometry, box)
          guides = guides(geometry, box)
          Slides::Outline.new.tap do |outline|
            Part.all(geometry, "pathLst", "path").each do |path|
              outline.apart(fill: path["fill"] != "none", stroke: !%w[0 false].include?(path["stroke"]), shade: SHADES.fetch(path["fill"], 0))
              sides = %w[w h].zip([ box.width, box.height ]).map { |side, own| path[side].to_f.then { |n| n.zero? ? [ own * OpenXml::POINT, 1.0 ].max : n } }
              path.element_children.each { |step| follow(outline, step, sides, guides) }
            end
          end
        end

        def follow(outline, step, (wide, high), guides)
          places = Part.all(step, "pt").map { |point| [ guides[point["x"]] / wide, guides[point["y"]] / high ] }
          case step.name
          when "moveTo" then outline.move(places[0])
          when "lnTo" then outline.line(places[0])
          when "cubicBezTo", "quadBezTo" then outline.curve(*places)
          when "arcTo" then outline.arc(guides[step["wR"]] / wide, guides[step["hR"]] / high, guides[step["stAng"]] / 60_000, guides[step["swAng"]] / 60_000)
          when "close" then outline.close
          end
        end
      end
    end
  end
end
