module Usher
  module Formats
    module Slides
      # What is written in a shape or a cell (ISO/IEC 26300-1, 5 and 6), each look from where it is said
      # first: the span, the paragraph, the shape.
      class OpenDocument::Writing
        Node = OpenDocument::Node
        ALIGN = { "center" => "middle", "end" => "right", "right" => "right", "justify" => "both" }.freeze
        ANCHOR = { "middle" => "middle", "bottom" => "bottom" }.freeze
        PADDING = %w[padding-left padding-top padding-right padding-bottom].freeze
        INSETS = [ 7.1, 3.5, 7.1, 3.5 ].freeze # points, where nothing is said
        BARE = [ 0, 0, 0, 0 ].freeze # the same of titles, outlines and notes
        BLOCKS = %w[p h].freeze
        COUNTED = { "" => "none", "a" => "letters", "A" => "capitals", "i" => "romans", "I" => "large_romans" }.freeze # by their formats
        TAB = 35.4 # points between tab stops
        PLAIN = "use-window-font-color".freeze
        USUAL = 18 # points, of letters
        STEP = 18 # points further in for each level of a list

        # family, name: the shape's style; outline: whether its levels have looks of their own; field: what stands for a
        # number, a date or a footer that is filled in for each page.
        def initialize(styles, family, name, outline: false, field: nil)
          @styles, @family, @name, @outline, @field = styles, family, name, outline, field
          @counts = {} # by list and level: what the last number was
        end

        # node: what has the paragraphs in it.
        def words(node)
          found = paragraphs(node)
          insets = PADDING.zip(@family == "presentation" ? BARE : INSETS).map { |side, usual| Node.points(of_shape(side) || of_shape("padding")) || usual }
          Words.new(found, insets: insets, anchor: ANCHOR.fetch(of_shape("textarea-vertical-align"), "top"), fits: of_shape("fit-to-size") == "shrink-to-fit", wraps: wraps?(node), **columns)
        end

        def paragraphs(node)
          found = []
          read(node, 0, nil, found)
          found << blank if found.empty?
          found
        end

        private

        # Whether lines break at its side: a box that grows with its words has none, and forms say it themselves.
        def wraps?(node) = !{ "text-box" => %w[auto-grow-width true], "custom-shape" => %w[wrap-option no-wrap] }[node.name]&.then { |name, value| of_shape(name) == value }

        # How many columns there are, and what is between them.
        def columns
          node = @styles.lineage(@family, @name).filter_map { |style| style.at("graphic-properties", "columns") }.first
          node ? { columns: node["column-count"].to_i, gutter: Node.points(node["column-gap"]) || 0 } : {}
        end

        # What stands for the words of a cell that has none: as high as its own styles say, whatever those of shapes do.
        def blank
          size = @styles.lineage(@family, @name).filter_map { |node| OpenDocument::Styles.said(node, "font-size", words: true) if node["name"] }.first
          Words::Paragraph.new(runs: [ run("", [], 0).tap { |run| run.size = Node.points(size) || USUAL } ], align: "left", list: "none", indent: 0)
        end

        def read(node, level, list, found)
          node.children.each do |child|
            if BLOCKS.include?(child.name) then found << paragraph(child, level).tap { |own| own.indent = behind(entry(list, level)) || own.indent }
            elsif child.name == "list" then items(child, level + 1, child["style-name"] || list, found)
            end
          end
        end

        def items(list, level, style, found)
          @counts.delete([ style, level ]) unless list["continue-numbering"] == "true"
          list.children.each do |item|
            before = found.size
            read(item, level, style, found)
            next unless found.size > before && item.name == "list-item" && item.children.first&.name != "list"
            look = entry(style, level)
            next if sign(look) == "none" || bare?(item)
            indent, hang = places(look)
            found[before].number = number(item, look, [ style, level ]) if Text::Layout::COUNTED.key?(sign(look)) && !found[before].text.strip.empty?
            found[before].tap do |paragraph|
              paragraph.list, paragraph.indent, paragraph.hang = sign(look), indent || paragraph.indent, hang
              paragraph.sign_colour, paragraph.sign_size, paragraph.sign_font = colour(look), sign_size(look), sign_font(look)
            end
          end
        end

        # That of an entry: as it says itself, the next one, or the one with which its level begins.
        def number(item, look, level)
          last = @counts[level]
          @counts[level] = (item["start-value"] || (last ? last + 1 : look["start-value"] || 1)).to_i.clamp(Text::ListKind::NUMBERS)
        end

        # Whether its first paragraph says that nothing stands before it.
        def bare?(item)
          style = item.children.find { |child| BLOCKS.include?(child.name) }&.[]("style-name")
          @styles.lineage("paragraph", style).filter_map { |node| OpenDocument::Styles.said(node, "enable-numbering", words: true) }.first == "false"
        end

        # How entries at this level look, or nil.
        def entry(style, level)
          known = @styles.other("list-style", style) || @styles.lineage(@family, level_style(level) || @name).filter_map { |node| node.at("graphic-properties", "list-style") }.first
          known&.children&.find { |one| one["level"].to_i == level }
        end

        # Whether there is a point, a number or nothing before them.
        def sign(look)
          return COUNTED.fetch(look["num-format"].to_s, "numbers") if look&.name == "list-level-style-number"
          look && look["bullet-char"].to_s.strip.empty? ? "none" : Signs.of(look&.[]("bullet-char"), look&.at("text-properties")&.[]("font-family"))
        end

        # Of its sign; nil: as its words.
        def colour(look) = look&.at("text-properties")&.[]("color")&.downcase&.slice(/\A#\h{6}\z/)

        # In ems of its words; nil where nothing is said.
        def sign_size(look) = look&.at("text-properties")&.[]("font-size")&.then { |size| size.to_f / 100 if size.end_with?("%") && size.to_f.positive? }

        # One of Text::Faces; nil: as its words.
        def sign_font(look)
          name = look&.at("text-properties")&.[]("font-family")
          Fonts.of(name).font if name && Signs.lettered?(name)
        end

        # Points before the sign of an entry, and from there to its words; nil where the level does not say it (20.124 and
        # 20.140).
        def places(look)
          place = look&.at("list-level-properties") or return
          label = place.at("list-level-label-alignment") or return %w[space-before min-label-width].map { |name| Node.points(place[name]) || 0.0 }
          left, first = %w[margin-left text-indent].map { |name| Node.points(label[name]).to_f }
          [ [ left + first, 0 ].max, (-first if first.negative?) ]
        end

        # Points before the words of an entry; nil where nothing says it.
        def behind(look) = places(look)&.then { |indent, hang| indent + hang.to_f }

        def paragraph(node, level)
          own = [ [ "paragraph", node["style-name"] ] ]
          runs = pieces(node, own, level)
          runs = [ run("", own, level) ] if runs.empty?
          before, after = %w[margin-top margin-bottom].map { |side| Node.points(said(own, level, side)) }
          side, rtl, hang = align(own, level), rtl?(own, level), -Node.points(said(own, level, "text-indent")).to_f
          hanging = level.zero? && [ rtl ? "right" : "left", "both" ].include?(side) && hang.positive? && hang <= Node.points(said(own, level, "margin-left")).to_f
          Words::Paragraph.new(runs: Words.reading(runs, rtl), align: side, rtl: rtl, list: hanging ? "hanging" : "none", tab: (tab(own, level) if runs.any?(&:tabbed?)), hang: (hang if hanging), indent: indent(own, level), leading: leading(own, level, runs.max_by(&:size)), before: before, after: after)
        end

        # Points to the first tab stop, or between those that nobody has set (16.29.12, 20.415).
        def tab(own, level)
          nodes = chain(own, level).filter_map { |node| node.at("paragraph-properties") }
          first = nodes.filter_map { |node| node.at("tab-stops", "tab-stop")&.points("position") }.find(&:positive?)
          first || nodes.filter_map { |node| node.points("tab-stop-distance") }.find(&:positive?) || TAB
        end

        # Points before the first line: what the paragraph says, or a step for each level.
        def indent(own, level)
          return (level - 1) * STEP.to_f if level.positive?
          [ %w[margin-left text-indent].sum { |name| Node.points(said(own, level, name)).to_f }, 0 ].max
        end

        # From one line to the next, in lines of its largest run.
        def leading(own, level, run)
          found = said(own, level, "line-height").to_s
          found.end_with?("%") ? found.to_f / 100 : Node.points(found)&./(run.size * run.face.line)
        end

        def rtl?(own, level) = said(own, level, "writing-mode").to_s.start_with?("rl")

        # Start and end change sides where words run to the left.
        def align(own, level)
          side = said(own, level, "text-align")
          return ALIGN.fetch(side, "left") unless rtl?(own, level)
          { "center" => "middle", "end" => "left", "left" => "left" }.fetch(side, "right")
        end

        # Runs of what is in a paragraph, a span or a link.
        def pieces(node, styles, level, link: nil)
          node.element.children.flat_map do |child|
            next [ run(child.text.gsub(/\s+/, " "), styles, level, link) ] if child.text?
            inner = Node.new(child)
            case inner.name
            when "span" then pieces(inner, [ [ "text", inner["style-name"] ], *styles ], level, link: link)
            when "a" then pieces(inner, styles, level, link: address(inner["href"]))
            when "line-break" then [ run("\n", styles, level) ]
            when "s" then [ run(" " * (inner["c"] || 1).to_i.clamp(1, 200), styles, level, link) ]
            when "tab" then [ run("\t", styles, level) ]
            when "page-number", "footer", "date-time", "header" then [ run(@field || inner.text, styles, level, link) ]
            when "annotation" then []
            else inner.element.element_children.empty? ? [ run(inner.text, styles, level, link) ] : pieces(inner, styles, level, link: link)
            end
          end.reject { |run| run.text.empty? }
        end

        def run(text, styles, level, link = nil)
          look = ->(attribute) { said(styles, level, attribute) }
          text = PictureFaces.read(text, name(look))
          text = text.upcase if look.("text-transform") == "uppercase"
          position = look.("text-position").to_s[/\A\S+/]
          lined = ->(kind) { %w[style type].any? { |name| ![ nil, "none" ].include?(look.("text-#{kind}-#{name}")) } }
          colour, ground = [ ink(styles, level), look.("background-color") ].map { |said| said&.downcase&.slice(/\A#\h{6}\z/) }
          Words::Run.new(text: text, size: size(styles, level), face: face(look), bold: look.("font-weight").then { |weight| weight == "bold" || weight.to_i >= 600 }, italic: look.("font-style") == "italic",
            colour: colour ? faded(colour, look.("opacity")) : Colour::INK, link: link, underline: lined.("underline"), strike: lined.("line-through"), highlight: ground, tracking: Node.points(look.("letter-spacing")).to_f,
            shift: %w[super sub].include?(position) ? position : Words.shift(position.to_f))
        end

        # A font is named by a declaration that describes it (16.23), or described where it is used.
        def face(look)
          declared = declared(look)
          return Fonts.of(name(look), generic: declared["font-family-generic"], pitch: declared["font-pitch"]) if declared
          Fonts.of(look.("font-family") || look.("font-name"), generic: look.("font-family-generic"), pitch: look.("font-pitch"))
        end

        def declared(look) = look.("font-name")&.then { |name| @styles.other("font-face", name) }
        def name(look) = declared(look).then { |face| face ? face["font-family"] || face["name"] : look.("font-family") || look.("font-name") }

        # Dark letters that let something through, as they look on white.
        def faded(colour, opacity)
          share, parts = opacity.to_s.end_with?("%") ? opacity.to_f / 100 : 1, colour.scan(/\h\h/).map(&:hex)
          return colour if share >= 1 || parts.sum > 382
          "##{parts.map { |part| format('%02x', (255 - (255 - part) * share).round.clamp(0, 255)) }.join}"
        end

        # In points; shares of what is behind are of the usual 18.
        def size(styles, level)
          found = said(styles, level, "font-size").to_s
          found.end_with?("%") ? USUAL * found.to_f / 100 : Node.points(found) || USUAL
        end

        # What is said first.
        def said(styles, level, attribute) = chain(styles, level).lazy.filter_map { |node| OpenDocument::Styles.said(node, attribute, words: true) }.first

        # The colour of letters, nil where the nearest style that speaks of it leaves it to whoever shows them (20.390).
        def ink(styles, level)
          chain(styles, level).lazy.filter_map { |node| OpenDocument::Styles.said(node, PLAIN, words: true) == "true" ? PLAIN : OpenDocument::Styles.said(node, "color", words: true) }.first
        end

        # The text's own styles, those of the level, those of the shape, and what is behind all.
        def chain(styles, level)
          own = [ *styles, ([ @family, level_style(level) ] if level_style(level)), [ @family, @name ] ].compact
          own.flat_map { |family, name| @styles.lineage(family, name).select { |node| node["name"] } } + %w[graphic paragraph].flat_map { |family| @styles.lineage(family, nil) }
        end

        # "Harbour-outline2" for the second level of a shape whose looks build on "Harbour-outline1".
        def level_style(level)
          return unless @outline && level > 1
          @styles.lineage(@family, @name).filter_map { |node| node["name"].to_s[/\A(.+-outline)\d\z/, 1] }.first&.then { |base| "#{base}#{level}" }
        end

        def of_shape(attribute) = @styles.of(@family, @name, attribute)

        def address(href) = Node.opened(href)
      end
    end
  end
end
