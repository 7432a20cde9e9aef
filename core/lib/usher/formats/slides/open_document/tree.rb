module Usher
  module Formats
    module Slides
      # The shapes of a page or a master, onto a canvas (ISO/IEC 26300-1, 10).
      class OpenDocument::Tree
        Node, Inks, Writing = OpenDocument::Node, OpenDocument::Inks, OpenDocument::Writing
        DRAW = { "custom-shape" => :custom, "rect" => :ready, "ellipse" => :ready, "circle" => :ready, "line" => :line, "connector" => :line, "measure" => :line, "polyline" => :free, "polygon" => :free, "path" => :free,
          "frame" => :frame, "g" => :group, "a" => :linked, "regular-polygon" => :regular, "caption" => :caption, "control" => :unknown, "scene" => :unknown }.freeze
        FRAMED = { "text-box" => :text_box, "table" => :table, "image" => :image, "plugin" => :plugin, "object" => :object, "object-ole" => :object }.freeze

        CURVED = /arch|circle|ring|curve/ # ways of letters that are drawn
        UNIT = 0.72 / 25.4 # points of a hundredth of a millimetre, in which connectors count
        SQUARE, ROUND = /\A((ooxml-)?rect|rectangle)\z/, /\A((ooxml-)?ellipse|circle)\z/ # forms that pictures have by themselves

        # backdrop: whether it is a master, whose placeholders are not shown; furniture: but those, with what stands in them
        # ({ "footer" => "Tides" }).
        def initialize(archive, canvas, styles, backdrop: false, furniture: {})
          @archive, @canvas, @styles, @backdrop, @furniture = archive, canvas, styles, backdrop, furniture
        end

        def draw(node)
          node.children.each { |child| DRAW[child.name]&.then { |way| @canvas.attempt { opening(child) { send(way, child) } } if shown?(child) } }
        end

        private

        # What is drawn by the block opens what a click on the node does, if not what is around it.
        def opening(node)
          outer, @link = @link, node.clicked || @link
          yield
        ensure
          @link = outer
        end

        def shown?(node)
          role = node["class", "presentation"]
          return @furniture.key?(role) if @backdrop && role
          node["placeholder", "presentation"] != "true"
        end

        # A custom shape is known by its name, or by what it draws.
        def custom(node)
          geometry, box = node.at("enhanced-geometry"), node.box
          return unless box
          return pictured(node, box) if pictured?(node, geometry&.[]("type").to_s, box)
          return @canvas.write(lettered(node, geometry), box, link: @link) if geometry&.[]("text-path") == "true"
          given = { flips: { "across" => "mirror-horizontal", "down" => "mirror-vertical" }.select { |_, name| geometry&.[](name) == "true" }.keys, words: words(node, node), link: @link }
          box.angle = -box.angle if given[:flips].one? # mirrored after it was turned
          name = geometry&.[]("type").to_s.delete_prefix("ooxml-")
          given[:words]&.area = area(geometry, given[:flips])
          path = enhanced(geometry) unless Forms.kept?(name) && node.lean.zero?
          lean(node, path, box)
          path ? @canvas.drawn(path, box, look(node), **given) : @canvas.form(name, box, look(node), bends: bends(geometry), **given)
        end

        # Letters that are drawn as a form, in its colours.
        def lettered(node, geometry)
          return words(node, node) if geometry["type"].to_s.match?(CURVED)
          fill = look(node).fill
          paragraphs = writing(node).paragraphs(node)
          paragraphs.flat_map(&:runs).each { |run| run.colour = fill } unless fill == "none"
          Banner.new(paragraphs)
        end

        # What a form draws by its own path and equations, as an Outline in shares of the box; nil where it has none.
        def enhanced(geometry)
          left, top, wide, high = view(geometry) || return
          outline = OpenDocument::EnhancedPath.new((geometry["enhanced-path", "drawooo"] || geometry["enhanced-path"]).to_s, equations(geometry)).outline
          return if outline.parts.empty?
          outline.tap { |drawn| drawn.parts.each { |part| part.points.map! { |x, y| [ (x - left) / wide, (y - top) / high ] } } }
        end

        # Where words may stand in a form, in shares of its box; nil where it does not say it.
        def area(geometry, flips)
          left, top, wide, high = view(geometry) || return
          known = equations(geometry)
          sides = geometry["text-areas"].to_s.split.first(4).map { |word| known[word] }
          return unless sides.size == 4
          Forms.mirrored([ (sides[0] - left) / wide, (sides[1] - top) / high, (sides[2] - left) / wide, (sides[3] - top) / high ], flips)
        rescue Invalid
          nil # equations that cannot be reckoned spoil no words
        end

        # Left, top, width and height of the units a form is drawn in, or nil.
        def view(geometry) = geometry&.[]("viewBox").to_s.split.map(&:to_f).then { |box| box if box.size == 4 && box[2].positive? && box[3].positive? }

        def equations(geometry)
          left, top, wide, high = view(geometry)
          formulas = geometry.all("equation").to_h { |one| [ one["name"], one["formula"] ] }
          stretch = %w[path-stretchpoint-x path-stretchpoint-y].map { |name| geometry[name].to_f }
          names = { "left" => left, "top" => top, "right" => left + wide, "bottom" => top + high, "width" => wide, "height" => high, "logwidth" => wide, "logheight" => high, "xstretch" => stretch[0], "ystretch" => stretch[1], "hasstroke" => 1, "hasfill" => 1 }
          OpenDocument::Equations.new(formulas, geometry["modifiers"].to_s.split.map(&:to_f), names)
        end

        # How far a ready form is bent, in shares: its own forms count in 21,600ths, those of Office Open XML in
        # 100,000ths.
        def bends(geometry)
          given = geometry&.[]("modifiers").to_s.split.map(&:to_f)
          case geometry&.[]("type")
          when "round-rectangle" then { "adj" => given.first.to_f / 21_600 }
          when /\Aooxml-/ then given.size == 1 ? { "adj" => given[0] / 100_000 } : given.each_with_index.to_h { |value, index| [ "adj#{index + 1}", value / 100_000 ] }
          else {}
          end
        end

        def ready(node)
          box = node.box or return
          return pictured(node, box) if pictured?(node, node.name, box)
          name = node.name == "rect" ? "rect" : "ellipse"
          part = part_of_ellipse(node) if node.name != "rect"
          return @canvas.form(name, box, look(node), words: words(node, node), link: @link) if node.lean.zero? && part.nil?
          @canvas.drawn(lean(node, part || Presets.outline(name, box.width, box.height), box), box, look(node), words: words(node, node), link: @link)
        end

        # A slice, what a straight line cuts off, or an arc alone, against the clock from one angle to another (10.3.8), in shares of
        # the box; nil for all of it.
        def part_of_ellipse(node)
          kind = node["kind"]
          return unless %w[section cut arc].include?(kind)
          from, to = %w[start-angle end-angle].map { |name| node[name].to_f }
          by = (to - from) % 360
          Slides::Outline.new.tap do |outline|
            outline.around([ 0.5, 0.5 ], 0.5, 0.5, -from, by.zero? ? -360 : -by, begins: true)
            outline.line([ 0.5, 0.5 ]) if kind == "section"
            kind == "arc" ? outline.paint(fill: false) : outline.close
          end
        end

        # Leans an outline in shares of a box as its node says.
        def lean(node, outline, box)
          outline&.tap { |drawn| drawn.parts.each { |part| part.points.map! { |x, y| [ x + node.lean * (y - 0.5) * box.height / box.width, y ] } } unless node.lean.zero? || box.width.zero? }
        end

        # How it is painted, with the picture that fills it.
        def look(node)
          name = inks(node).picture or return inks(node).look
          photo = inks(node).photo(@archive.bytes(name)) or return inks(node).look.tap { @canvas.miss("picture") }
          inks(node).look.tap { |look| look.fill, look.paint = Chart::GREY, photo }
        end

        # Whether it is a picture in a form that one can have by itself.
        def pictured?(node, name, box) = inks(node).then { |own| own.picture && own.stretched? } && (name.match?(SQUARE) || (name.match?(ROUND) && box.width == box.height))

        # A form of four sides, or a circle, that is filled with a picture is that picture.
        def pictured(node, box)
          name = inks(node).picture
          @canvas.together do
            round = [ node.name, node.at("enhanced-geometry")&.[]("type").to_s ].any? { |one| one.match?(ROUND) }
            @canvas.picture(name, @archive.bytes(name), box, round: round ? [ box.width, box.height ].min / 2 : 0, link: @link)
            @canvas.write(words(node, node), box)
          end
        end

        def line(node)
          places = ends(node)
          @canvas.together do
            lead(node, places)
            @canvas.write(words(node, node), around(places))
          end
        end

        # A line, with corners where it is a connector.
        def lead(node, places)
          way = connector(node, places) if node.name == "connector"
          return led(node, way) if way
          bent = node.name == "connector" && [ nil, "standard" ].include?(node["type", "draw"])
          middle = places.transpose[0].sum / 2
          places = [ places[0], [ middle, places[0][1] ], [ middle, places[1][1] ], places[1] ] if bent
          @canvas.line(places, inks(node).look, link: @link)
        end

        def ends(node) = [ %w[x1 y1], %w[x2 y2] ].map { |names| names.map { |name| node.points(name) || 0 } }

        def around(places)
          (left, right), (top, bottom) = places.transpose.map(&:minmax)
          Geometry::Box.new(left, top, right - left, bottom - top, 0)
        end

        # As many corners as it says; a hollow one is a star, whose inner corners are so much nearer to the middle (10.3.6).
        def regular(node)
          box = node.box or return unknown(node)
          corners = Items::Polygon.regular(node["corners"].to_i.clamp(3, Items::Polygon::MOST / 2))
          corners = hollow(corners, node["sharpness"].to_f / 100) if node["concave"] == "true"
          outline = Slides::Outline.new.tap { |drawn| drawn.move(corners.first) }
          corners.drop(1).each { |corner| outline.line(corner) }
          outline.close
          @canvas.drawn(lean(node, outline, box), box, look(node), words: words(node, node), link: @link)
        end

        def hollow(corners, sharpness)
          corners.zip(corners.rotate).flat_map { |corner, other| [ corner, corner.zip(other).map { |a, b| 0.5 + ((a + b) / 2 - 0.5) * (1 - sharpness.clamp(0, 1)) } ] }
        end

        # A box with a line to what it speaks of, from the middle of the side that looks there.
        def caption(node)
          box = node.box or return unknown(node)
          across, down = %w[caption-point-x caption-point-y].map { |name| node.points(name) }
          @canvas.together do
            @canvas.line([ [ box.x + across, box.y + down ], beside(box, across, down) ], look(node), link: @link) if across && down
            @canvas.form("rect", box, look(node), words: words(node, node), link: @link)
          end
        end

        def beside(box, across, down)
          return [ box.x + (across.negative? ? 0 : box.width), box.y + box.height / 2 ] unless across.between?(0, box.width)
          [ box.x + box.width / 2, box.y + (down.negative? ? 0 : box.height) ]
        end

        # The way a connector was led, as points; nil where the file does not say it, or it goes straight.
        def connector(node, places)
          way = Slides::Outline.read(node["d"]).parts.first&.points if node["d"]
          return unless way && way.size > 2
          shifts = places.first.zip(way.first).map { |to, from| to - from * UNIT }
          way.map { |point| point.zip(shifts).map { |n, shift| n * UNIT + shift } }
        end

        # Its corners as lines, or a curve.
        def led(node, way)
          return @canvas.line(way, inks(node).look, link: @link) unless node["d"].match?(/[csqa]/i)
          outline = Slides::Outline.new.tap { |drawn| drawn.move(way.first) }
          way.drop(1).each { |point| outline.line(point) }
          outline.paint(fill: false)
          @canvas.drawn(outline, Geometry::Box.new(0, 0, 1, 1, 0), inks(node).look, link: @link)
        end

        # Points, or path data, in the units of a view box.
        def free(node)
          box, way = node.box, outline(node, node["d"] || "M#{node['points']}#{'Z' if node.name == 'polygon'}")
          return unless box && way
          way.paint(fill: false) if way.parts.none?(&:closed) # an open line encloses nothing
          @canvas.drawn(lean(node, way, box), box, look(node), words: words(node, node), link: @link)
        end

        # Path data in the units of a node's view box as an Outline in shares of it; nil where it has none.
        def outline(node, data)
          left, top, wide, high = node["viewBox"].to_s.split.map(&:to_f)
          return unless wide.to_f.positive? && high.to_f.positive?
          Slides::Outline.read(data).tap { |outline| outline.parts.each { |part| part.points.map! { |x, y| [ (x - left) / wide, (y - top) / high ] } } }
        end

        def group(node) = @canvas.together { draw(node) }

        def linked(node)
          @link = Node.opened(node["href"])
          draw(node)
        end

        # The first thing in a frame that can be read; the others stand in for it.
        def frame(node)
          box = node.box or return
          framed = node.children.select { |child| FRAMED.key?(child.name) }
          first = framed.find { |child| child.name != "image" || picture?(content_of(child)) } || framed.first
          send(FRAMED[first.name], node, first, box) if first
        end

        def text_box(node, content, box)
          @canvas.form("rect", box, look(node), words: words(node, content), link: @link)
        end

        def table(_node, content, box) = @canvas.table(*OpenDocument::Grid.new(@styles, content).measures(box), box, whole: box.height)

        def image(node, content, box)
          name = content["href"].to_s.delete_prefix("./")
          mirrored = inks(node).said("mirror").to_s
          flips = { "across" => "horizontal", "down" => "vertical" }.select { |_, word| mirrored.split.include?(word) }.keys
          opacity = ((inks(node).said("image-opacity").to_s[/\A([\d.]+)%\z/, 1]&.to_f || 100) / 100).clamp(0.05, 1)
          bytes, look, told = @archive.bytes(name), inks(node).look, { alt: node.at("desc")&.text || node.at("title")&.text, link: @link }
          toned = inks(node).toning if Photo.reads?(bytes)
          return @canvas.drawn(Presets.outline("rect", box.width, box.height), box, look.tap { look.fill, look.paint, look.opacity = Chart::GREY, Photo.new(bytes, crop: crop(node, name), toned: toned), opacity }, **told) if toned
          @canvas.picture(name, bytes, box, crop: crop(node, name), flips: flips, opacity: opacity, look: look, **told)
        end

        # Films and sounds alike; which it is shows when it is opened.
        def plugin(_node, content, box)
          name = content["href"].to_s.delete_prefix("./")
          @canvas.media("video", (name if @archive.part?(name)), box)
        end

        def unknown(_node) = @canvas.miss("thing")

        # A chart, or something of another program: the picture that stands for it, where there is one.
        def object(node, content, box)
          return if charted(content, box)
          stand_in = node.all("image").find { |one| picture?(content_of(one)) }
          stand_in ? image(node, stand_in, box) : @canvas.miss("object")
        end

        def content_of(image) = @archive.bytes(image["href"].to_s.delete_prefix("./"))

        def picture?(bytes) = bytes && (Raster.size(bytes) || Metafile.reads?(bytes) || bytes[0, 500].include?("<svg"))

        # Whether it was a chart, and is drawn.
        def charted(content, box)
          folder = content["href"].to_s.delete_prefix("./").delete_suffix("/")
          kept, common = %w[content styles].map { |name| "#{folder}/#{name}.xml".then { |part| Node.new(@archive.xml(part)) if @archive.part?(part) } }
          chart = OpenDocument::KeptChart.read(kept, common) if kept
          chart&.draw(@canvas, box)
        rescue Invalid
          nil # what cannot be read may have a picture in its place
        end

        # What is cut off each side is told as lengths of the picture at its own size.
        def crop(node, name)
          cut = inks(node).said("clip").to_s[/\Arect\((.*)\)/, 1]&.split(/[\s,]+/)&.map { |one| Node.points(one).to_f } or return
          bytes = @archive.bytes(name).to_s
          size = Raster.size(bytes)&.map { |dots| dots * Photo.dot(bytes) } or return
          top, right, bottom, left = cut
          crop = [ left / size[0], top / size[1], 1 - (left + right) / size[0], 1 - (top + bottom) / size[1] ]
          crop if cut.any?(&:positive?) && crop.all? { |share| share.between?(0, 1) } && crop.last(2).min > 0.02
        end

        # The family and the name of its style.
        def style(node) = %w[presentation draw].filter_map { |prefix| node["style-name", prefix]&.then { |name| [ prefix == "draw" ? "graphic" : prefix, name ] } }.first || [ "graphic", nil ]

        def inks(node) = Inks.new(@styles, *style(node))

        # What is written in `content`, which may be the shape itself.
        def words(node, content) = writing(node).words(content)

        def writing(node)
          role = node["class", "presentation"]
          Writing.new(@styles, *style(node), outline: role == "outline", field: (@furniture[role] if @backdrop))
        end
      end
    end
  end
end
