require "digest"

module Usher
  module Formats
    module Slides
      # What lies on one slide, back to front. Everything comes in points and as the file says it, and
      # becomes values of items in page units.
      class Canvas
        # How a shape is painted. fill, stroke: "#rrggbb" or "none"; breadth: points; dash: "solid", "dashed" or
        # "dotted"; opacity: of the fill, 0 to 1; heads: nil, "end", "start" or "both".
        Look = Struct.new(:fill, :stroke, :breadth, :dash, :opacity, :heads, keyword_init: true) do
          def seen? = fill != "none" || stroke != "none"
        end

        MOST = 1_500 # things on one slide
        BREADTHS = 0.5..60
        REACH = 1_000_000 # of any measure

        # width, height: of the slide in points.
        def initialize(width, height)
          @width, @height = width, height
          @scale = Page::LONGEST / [ width, height ].max.to_f
          @items, @pictures, @missing, @groups, @number = [], {}, [], [], 0
          @pinned = false
        end

        # The Slide it has become. backdrop: the name of the picture on its ground, or nil; bytes: its file.
        def finish(colour:, backdrop:, bytes:, notes:)
          @pictures[backdrop] = bytes if bytes
          Slide.new(width: @width, height: @height, colour: colour, backdrop: (backdrop if bytes), items: @items, pictures: @pictures, notes: notes, missing: @missing)
        end

        # Everything that the block puts here belongs together.
        def together
          @groups.unshift("g#{@number += 1}") if @groups.size < 8
          grouped = @groups.first
          yield
        ensure
          alone(grouped)
          @groups.shift
        end

        # Everything that the block puts here stays where it is.
        def background
          @pinned = true
          yield
        ensure
          @pinned = false
        end

        # Something that cannot be read, by a word for it ("chart").
        def miss(what) = @missing << what

        # Whatever is wrong with what the block reads, such as measures beyond all numbers, spoils nothing else.
        def attempt
          yield
        rescue Invalid, RangeError, Math::DomainError
          miss("thing")
        end

        # A ready shape (see Forms) and what is written in it (Words).
        def form(name, box, look, flips: [], bends: {}, words: nil, link: nil)
          sane(*box, *bends.values, look.breadth)
          shape = look.seen? && !(name == "rect" && words && look.fill == "none" && look.stroke == "none")
          with_words(box, shape ? words : nil, link) do
            next written(words, box, link) unless shape
            next straight(box, look, flips) if Forms.line?(name)
            values = Forms.values(name, box.width, box.height, bends)
            values = flipped(values, flips)
            values["round"] = values["round"] * @scale if values["round"]
            add(values.merge(boxed(box), values["kind"] == "callout" ? card(look) : painted(look), opens(link)))
          end
        end

        # A freely drawn one. outline: its Outline, with points in shares of the box. What is more than a polygon
        # or a stroke can be, such as a form with holes, becomes a drawing.
        def drawn(outline, box, look, flips: [], words: nil, link: nil)
          sane(*box, *outline.parts.flat_map(&:points).flatten, look.breadth)
          parts = outline.parts.map { |part| Outline::Part.new(thin(part.points.map { |share| onto(box, share, flips) }), part.closed || look.fill != "none") }.select { |part| part.points.size > 1 }
          with_words(box, words, link) do
            closed = parts.any? && parts.all?(&:closed)
            next parts.each { |part| stroke_along(part.closed ? [ *part.points, part.points.first ] : part.points, look) } unless closed && parts.any? { |part| part.points.size > 2 }
            next add(Items::Polygon.through(parts[0].points).merge("kind" => "polygon", **painted(look), **opens(link))) if parts.one? && parts[0].points.size <= Items::Polygon::MOST
            drawing(parts, look, link)
          end
        end

        # A line through [[x, y], ...] in points, from end to end.
        def line(places, look, link: nil)
          sane(*places.flatten, look.breadth)
          places = places.map { |place| place.map { |n| n * @scale } }
          pieces = places.each_cons(2).reject { |from, to| from == to }
          joined = -> { pieces.each_with_index { |(from, to), index| segment(from, to, look, first: index.zero?, last: index == pieces.size - 1, link: link) } }
          pieces.size > 1 ? together(&joined) : joined.call
        end

        # A curve through its four knots, in points.
        def curve(knots, look)
          sane(*knots.flatten, look.breadth)
          add(Items::Curve.through(knots.map { |place| place.map { |n| n * @scale } }).merge("kind" => "curve", **lined(look)))
        end

        # name: under which `pictures` has it; bytes: its file, or nil where there is none that can be read; crop:
        # the part that is shown, [left, top, width, height] in shares.
        def picture(name, bytes, box, alt: "", crop: nil, flips: [], round: 0, opacity: 1, link: nil)
          sane(*box, round, opacity)
          return miss("picture") unless bytes
          @pictures[name] = bytes
          add({ "kind" => "picture", "picture" => name, "alt" => alt.to_s[0, 500], "crop" => crop || Items::Picture::WHOLE, "mirror" => { 0 => "no", 1 => flips.first, 2 => "both" }.fetch(flips.size), "round" => round * @scale,
            "opacity" => opacity, **boxed(box), **opens(link) })
        end

        # columns, rows: widths and heights in points; cells: see Table.
        def table(columns, rows, cells, box)
          sane(*columns, *rows, *box)
          together { Table.items(columns.map { |n| n * @scale }, rows.map { |n| n * @scale }, cells, [ box.x * @scale, box.y * @scale ], @scale).each { |values| add(values) } }
        end

        private

        # Raises Invalid for measures that no slide has.
        def sane(*numbers)
          raise Invalid, "That is not on any slide." unless numbers.all? { |number| number.finite? && number.abs <= REACH }
        end

        # With words over it, both belong together.
        def with_words(box, words, link)
          return yield if words.nil? || words.empty?
          together do
            yield
            written(words, box, link)
          end
        end

        def written(words, box, link)
          return if words.nil? || words.empty?
          texts = words.items(scaled(box), @scale).map { |values| values.merge(opens(link)) }
          texts.size > 1 ? together { texts.each { |values| add(values) } } : texts.each { |values| add(values) }
        end

        # What is not acceptable on a page is missed, and spoils nothing else.
        def add(values)
          return miss("thing") if @items.size >= MOST
          values = values.merge("id" => "s#{@items.size + 1}", "groups" => @groups.dup, "pinned" => @pinned ? "all" : "no")
          number = values["picture"] ? { "picture" => 1 } : {}
          @items << Items.build(values.merge(number)).to_h.merge(values.slice("picture"))
        rescue Invalid
          miss("thing")
        end

        # A group of one is none.
        def alone(group)
          members = @items.select { |item| item["groups"]&.include?(group) }
          members.each { |item| item["groups"] -= [ group ] } if members.size < 2
        end

        def scaled(box) = Geometry::Box.new(box.x * @scale, box.y * @scale, box.width * @scale, box.height * @scale, box.angle)
        def boxed(box) = scaled(box).then { |own| { "x" => own.x, "y" => own.y, "width" => own.width, "height" => own.height, "angle" => own.angle.remainder(360).round(2) } }
        def opens(link) = link ? { "link" => { "to" => "address", "address" => link } } : {}

        def painted(look) = { "fill" => look.fill, "stroke" => look.stroke, "breadth" => look.stroke == "none" ? 0 : breadth(look), "dash" => look.dash, "opacity" => look.opacity.clamp(0.05, 1) }
        def lined(look) = { "stroke" => stroke(look), "breadth" => breadth(look), "dash" => look.dash }
        def card(look) = { "text" => "", "size" => 8, "card" => look.fill == "none" ? Colour::WHITE : look.fill, "stroke" => look.stroke, "breadth" => look.stroke == "none" ? 0 : breadth(look) }
        def stroke(look) = look.stroke == "none" ? Colour::INK : look.stroke
        def breadth(look) = (look.breadth * @scale).clamp(BREADTHS.begin, BREADTHS.end)

        def straight(box, look, flips)
          ends = [ [ 0, 0 ], [ 1, 1 ] ].map { |share| onto(box, share, flips) }
          segment(*ends, look, first: true, last: true)
        end

        # From one place to another, in page units. first, last: whether these ends may have heads.
        def segment(from, to, look, first:, last:, link: nil)
          heads = [ (:start if first && %w[start both].include?(look.heads)), (:end if last && %w[end both].include?(look.heads)) ].compact
          from, to = to, from if heads == [ :start ]
          add(Items::Segment.between(from, to).merge(lined(look), opens(link), heads.any? ? { "kind" => "arrow", "heads" => heads.size == 2 ? "both" : "end" } : { "kind" => "line" }))
        end

        # A place given in shares of a box, in page units.
        def onto(box, (across, down), flips)
          across = 1 - across if flips.include?("across")
          down = 1 - down if flips.include?("down")
          scaled(box).then { |own| own.place(across * own.width, down * own.height) }
        end

        def flipped(values, flips)
          flips.reduce(values) do |now, axis|
            across = axis == "across"
            mirror = ->((x, y)) { across ? [ 1 - x, y ] : [ x, 1 - y ] }
            now.merge({ "corners" => now["corners"]&.map(&mirror), "tail" => now["tail"]&.then(&mirror) }.compact)
          end
        end

        # As few corners as say the same.
        def thin(points)
          points = Geometry::Way.thin(points.chunk { |point| point }.map(&:first))
          points.size > 3 && points.first == points.last ? points[0...-1] : points
        end

        def stroke_along(points, look)
          add({ "kind" => "ink", "points" => dense(points), "colour" => stroke(look), "breadth" => breadth(look) })
        end

        # Closed outlines in page units as a picture, in which they cut holes into each other.
        def drawing(parts, look, link)
          edge = look.stroke == "none" ? 0 : breadth(look)
          around = Geometry::Box.around(parts.flat_map(&:points))
          box = Geometry::Box.new(around.x - edge, around.y - edge, around.width + 2 * edge, around.height + 2 * edge, 0)
          data = parts.map { |part| "M#{part.points.map { |x, y| "#{(x - box.x).round(2)} #{(y - box.y).round(2)}" }.join('L')}Z" }.join
          svg = Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", width: box.width.round(2), height: box.height.round(2), viewBox: "0 0 #{box.width.round(2)} #{box.height.round(2)}" },
            Markup.tag("path", d: data, fill: look.fill, stroke: look.stroke, "stroke-width": edge, "fill-rule": "evenodd"))
          name = "form-#{Digest::SHA256.hexdigest(svg)[0, 24]}.svg"
          @pictures[name] = svg
          add({ "kind" => "picture", "picture" => name, "opacity" => look.opacity.clamp(0.05, 1), "x" => box.x, "y" => box.y, "width" => box.width, "height" => box.height, **opens(link) })
        end

        # So close that ink, which is drawn smooth, keeps its corners.
        def dense(points)
          close = points.each_cons(2).flat_map do |(ax, ay), (bx, by)|
            steps = (Math.hypot(bx - ax, by - ay) / 8).ceil.clamp(1, 200)
            Array.new(steps) { |step| [ ax + (bx - ax) * step / steps, ay + (by - ay) * step / steps ] }
          end
          [ *close, points.last ].first(Types::Points::MAX)
        end
      end
    end
  end
end
