module Usher
  module Formats
    module Slides
      # What lies on one slide, back to front. Everything comes in points and as the file says it, and
      # becomes values of items in page units.
      class Canvas
        MOST = 1_500 # things on one slide
        DEEPEST = 8 # groups in groups
        REACH = 1_000_000 # of any measure
        HEADED = %w[none end both].freeze # lines, by how many of their ends have heads

        # width, height: of the slide in points; number: which it is, and names: those of all slides, { name => number }.
        def initialize(width, height, number: 1, names: {})
          @width, @height, @number_of_slide, @names = width, height, number, names
          @scale = Page::LONGEST / [ width, height ].max.to_f
          @items, @pictures, @missing, @groups, @number = [], {}, [], [], 0
          @pinned = false
        end

        # What lies on its ground: the name of a picture, whose file `bytes` is, a Paint, or nil. A picture of other proportions is
        # stretched.
        def paint(backdrop, bytes: nil)
          backdrop = Photo.new(bytes) if bytes && Photo.reads?(bytes) && !fits?(bytes)
          backdrop, bytes = backdrop.svg(@width * @scale, @height * @scale, @scale).then { |svg| [ Slides.own_name(svg), svg ] } if backdrop.is_a?(Paint)
          @pictures[@backdrop = backdrop] = bytes if bytes
        end

        # The Slide it has become.
        def finish(colour:, notes:, hidden: false)
          Slide.new(width: @width, height: @height, colour: colour, backdrop: @backdrop, items: @items, pictures: @pictures, notes: notes, missing: @missing, hidden: hidden)
        end

        # Everything that the block puts here belongs together.
        def together
          outer, group = @groups, "g#{@number += 1}"
          @groups = [ group, *outer ].first(DEEPEST)
          yield
        ensure
          @groups = outer
          alone(group)
        end

        # Everything that the block puts here stays where it is.
        def background
          @pinned = true
          yield
        ensure
          @pinned = false
        end

        # Something that cannot be read, by a word for it ("chart"). What lies behind many slides is not told of
        # for each.
        def miss(what)
          @missing << what unless @pinned
        end

        # Whatever is wrong with what the block reads, such as measures beyond all numbers, spoils nothing else.
        def attempt
          yield
        rescue Invalid, RangeError, Math::DomainError
          miss("thing")
        end

        # A ready shape (see Forms and Presets) and what is written in it (Words). One that nobody knows is a rectangle, and
        # said to be missing.
        def form(name, box, look, flips: [], bends: {}, words: nil, link: nil)
          sane(*box, *bends.values, look.stroke_width)
          outline = Forms::SAME.fetch(name, name)
          return drawn(Presets.outline(outline, box.width, box.height, bends), box, look, flips: flips, words: words, link: link) if look.seen? && Presets.known?(outline) && (look.paint || !Forms.kept?(name))
          miss("shape") unless Forms.known?(name) || !look.seen?
          with_words(Forms.standing(box, flips), look.seen? ? words : nil, link) do
            next write(words, Forms.standing(box, flips), link: link) unless look.seen?
            next segment(*[ [ 0, 0 ], [ 1, 1 ] ].map { |share| onto(box, share, flips) }, look, link: link) if Forms.line?(name)
            values = flipped(Forms.values(name, box.width, box.height, bends), flips)
            values["round"] *= @scale if values["round"]
            next add(values.merge(boxed(box), look.callout(@scale), opens(link))) if values["kind"] == "callout"
            all(look.parts) { |part| add(values.merge(boxed(box), part.shape(@scale), opens(link))) }
          end
        end

        # A freely drawn one. outline: its Outline, with points in shares of the box; alt: what it shows, where it is a picture.
        def drawn(outline, box, look, flips: [], words: nil, link: nil, alt: nil)
          sane(*box, *outline.parts.flat_map(&:points).flatten, look.stroke_width)
          flat = Geometry::Box.new(box.x, box.y, box.width, box.height, 0)
          outline.parts.each { |part| part.points.map! { |share| onto(flat, share, flips) } }
          with_words(Forms.standing(box, flips), words, link) do
            all(FreeForm.new(outline, look, @scale).items { |name, bytes| @pictures[name] = bytes }) { |values| add(turned(values, scaled(box)).merge(opens(link), values["picture"] && alt ? { "alt" => alt.to_s[0, 500] } : {})) }
          end
        end

        # A line through [[x, y], ...] in points, from end to end.
        def line(places, look, link: nil)
          sane(*places.flatten, look.stroke_width)
          places = places.map { |place| place.map { |n| n * @scale } }
          pieces = places.each_cons(2).reject { |from, to| from == to }
          all(pieces.each_with_index.to_a) { |(from, to), index| segment(from, to, look, first: index.zero?, last: index == pieces.size - 1, link: link) }
        end

        # Cubic Bézier curves that follow each other, each its four knots in points.
        def curves(pieces, look, link: nil)
          sane(*pieces.flatten, look.stroke_width)
          all(pieces.each_with_index.to_a) do |knots, index|
            heads = heads_of(look, index.zero?, index == pieces.size - 1)
            knots = knots.reverse if heads == [ :start ]
            add(Items::Curve.through(knots.map { |place| place.map { |n| n * @scale } }).merge("kind" => "curve", "heads" => HEADED[heads.size], **look.line(@scale), **opens(link)))
          end
        end

        # name: under which `pictures` has it; bytes: its file, or nil where there is none that can be read; crop:
        # the part that is shown, [left, top, width, height] in shares.
        # look: of which its line is a frame around it, or nil.
        def picture(name, bytes, box, alt: "", crop: nil, flips: [], round: 0, opacity: 1, look: nil, link: nil)
          sane(*box, round, opacity)
          return miss("picture") unless bytes
          @pictures[name] = bytes
          add({ "kind" => "picture", "picture" => name, "alt" => alt.to_s[0, 500], "crop" => crop || Items::Picture::WHOLE, "mirror" => { 0 => "no", 1 => flips.first, 2 => "both" }.fetch(flips.size), "round" => (round * @scale).clamp(0, 400),
            "opacity" => opacity, **(look && look.stroke != "none" ? look.line(@scale).slice("stroke", "stroke_width") : {}), **boxed(box), **opens(link) })
        end

        # A film or a sound. kind: "video" or "sound"; name: of the part it is, or nil where it is not in the file.
        def media(kind, name, box)
          sane(*box)
          return miss(kind) unless name
          add({ "kind" => kind, "asset" => name, **boxed(box) })
        end

        # Words alone, in a box that is not seen.
        def write(words, box, link: nil)
          return if words.nil? || words.empty?
          sane(*box)
          all(words.items(scaled(box), @scale)) do |values|
            own = values["link"] ? { **opens(values["link"]), "room" => values["width"] } : {} # an entry that leads somewhere is as wide as its words
            add({ **opens(link), **values.except("link"), **own })
          end
        end

        # columns, rows: widths and heights in points; cells: see Table.
        # whole: how high all of it is to be, in points, nil where nobody says it.
        def table(columns, rows, cells, box, whole: nil)
          sane(*columns, *rows, *box)
          together { Table.items(columns.map { |n| n * @scale }, rows.map { |n| n * @scale }, cells, [ box.x * @scale, box.y * @scale ], @scale, room: @height * @scale, whole: whole&.*(@scale)).each { |values| add(values) } }
        end

        private

        # Whether a picture has the slide's proportions, as far as anybody sees.
        def fits?(bytes) = Raster.size(bytes).then { |size| size.nil? || size.min.zero? || (size[0] / size[1].to_f * @height / @width - 1).abs < 0.02 }

        # Raises Invalid for measures that no slide has.
        def sane(*numbers)
          raise Invalid, "That is not on any slide." unless numbers.all? { |number| number.finite? && number.abs <= REACH }
        end

        # Several belong together.
        def all(things, &) = things.size > 1 ? together { things.each(&) } : things.each(&)

        # With words over it, both belong together.
        def with_words(box, words, link)
          return yield if words.nil? || words.empty?
          together do
            yield
            write(words, box, link: link)
          end
        end

        # What is not acceptable on a page is missed, and spoils nothing else.
        def add(values)
          return miss("thing") if @items.size >= MOST
          values = values.merge("id" => "s#{@items.size + 1}", "groups" => @groups.dup, "pinned" => @pinned ? "all" : "no")
          named = values.slice("picture", "asset")
          @items << Items.build(values.merge(named.transform_values { 1 })).to_h.merge(named)
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

        # link: a web address, a Jump or nil.
        def opens(link)
          return link ? { "link" => { "to" => "address", "address" => link } } : {} unless link.is_a?(Jump)
          link.number(@names, @number_of_slide)&.then { |number| { "link" => { "to" => "page", "page" => number } } } || {}
        end

        # An item that was laid out in a flat box, as it lies where the box is turned.
        def turned(values, box)
          return values if box.angle.zero?
          return values.merge("points" => values["points"].map { |place| about(place, box) }) if values["points"]
          x, y = about([ values["x"] + values["width"] / 2.0, values["y"] + values["height"] / 2.0 ], box)
          values.merge("x" => x - values["width"] / 2.0, "y" => y - values["height"] / 2.0, "angle" => box.angle.remainder(360).round(2))
        end

        def about(place, box)
          middle = [ box.x + box.width / 2.0, box.y + box.height / 2.0 ]
          Geometry.rotate(place.zip(middle).map { |one, from| one - from }, box.angle).zip(middle).map(&:sum)
        end

        # Which ends of a piece have heads, where only the first and the last piece may.
        def heads_of(look, first, last) = [ (:start if first && %w[start both].include?(look.heads)), (:end if last && %w[end both].include?(look.heads)) ].compact

        # From one place to another, in page units. first, last: whether these ends may have heads.
        def segment(from, to, look, first: true, last: true, link: nil)
          heads = heads_of(look, first, last)
          from, to = to, from if heads == [ :start ]
          add(Items::Segment.between(from, to).merge(look.line(@scale), opens(link), heads.any? ? { "kind" => "arrow", "heads" => HEADED[heads.size] } : { "kind" => "line" }))
        end

        # A place given in shares of a box, in page units.
        def onto(box, (across, down), flips)
          across = 1 - across if flips.include?("across")
          down = 1 - down if flips.include?("down")
          scaled(box).then { |own| own.to_page(across * own.width, down * own.height) }
        end

        def flipped(values, flips)
          flips.reduce(values) do |now, axis|
            across = axis == "across"
            mirror = ->((x, y)) { across ? [ 1 - x, y ] : [ x, 1 - y ] }
            now.merge({ "corners" => now["corners"]&.map(&mirror), "tail" => now["tail"]&.then(&mirror) }.compact)
          end
        end
      end
    end
  end
end
