module Usher
  module Formats
    module Slides
      # What is written in a shape (ISO/IEC 29500-1, 21.1.2), each look from where it is said first: the run,
      # the paragraph, the shape, the placeholders behind it, the master, the presentation.
      class OpenXml::Writing
        Part = OpenXml::Part
        ALIGN = { "ctr" => "middle", "r" => "right", "just" => "both", "justLow" => "both", "dist" => "both" }.freeze
        COUNTED = { "alphaLc" => "letters", "alphaUc" => "capitals", "romanLc" => "romans", "romanUc" => "large_romans" }.freeze # by how their kinds begin
        TAB = 914_400 # EMU between tab stops
        STEP = 18.0 # points for each level, where nothing is said
        STRUCK = %w[sngStrike dblStrike].freeze
        ANCHOR = { "ctr" => "middle", "b" => "bottom" }.freeze
        TURNS = { "vert" => 90, "vert270" => 270, "eaVert" => 90 }.freeze # degrees
        STACKED = %w[wordArtVert wordArtVertRtl].freeze # letters under each other
        CURVED = /Arch|Circle|Button|Ring/ # ways of letters
        GENERIC = { 1 => "roman", 2 => "swiss", 3 => "modern" }.freeze # kinds of faces
        INSETS = { "lIns" => 91_440, "tIns" => 45_720, "rIns" => 91_440, "bIns" => 45_720 }.freeze # EMU

        # bodies: the shape's txBody and those behind it, nearest first; styles: lists of looks by level;
        # lettering: the colour that the shape's own style gives, or nil; bold: what it is where nothing else is said; even: whether
        # lines are as far apart whatever face they are in; ground: the colour behind letters that let something through.
        def initialize(part, inks, bodies, styles, lettering: nil, bold: false, even: true, ground: Colour::WHITE)
          @part, @inks, @bodies, @lettering, @bold, @even, @ground = part, inks, bodies, lettering, bold, even, ground
          @levels = bodies.filter_map { |body| Part.at(body, "lstStyle") } + styles
          @frames = bodies.filter_map { |body| Part.at(body, "bodyPr") }
          @counts = [] # by level: what the last number was, and of which numbering
        end

        # said: what the insets are said by, [left, top, right, bottom] in EMU, nil where it does not say one; way: in which lines run.
        def words(said = INSETS.keys.map { |name| frame(name) }, way: frame("vert"))
          paragraphs = Part.all(@bodies.first, "p").flat_map { |paragraph| read(paragraph) }
          paragraphs.flat_map(&:runs).each { |run| run.text = run.text.scan(/\X/).join("\n") } if STACKED.include?(way)
          return Banner.new(paragraphs, turn: TURNS.fetch(way, 0)) if drawn?
          insets = said.zip(INSETS.values).map { |own, usual| (own&.to_f || usual) / OpenXml::POINT }
          Words.new(paragraphs, insets: insets, anchor: ANCHOR.fetch(frame("anchor"), "top"), fits: !Part.at(@frames.first, "normAutofit").nil?,
            wraps: frame("wrap") != "none", turn: TURNS.fetch(way, 0), columns: frame("numCol").to_i, gutter: frame("spcCol").to_f / OpenXml::POINT)
        end

        private

        def frame(name) = @frames.filter_map { |node| node[name] }.first

        # Whether the letters are drawn into the box, and not along a curve.
        def drawn? = @frames.filter_map { |node| Part.at(node, "prstTxWarp")&.[]("prst") }.first.then { |form| !form.nil? && form != "textNoShape" && !form.match?(CURVED) }

        # How much smaller the file has made the words so that they fit.
        def shrunk = @shrunk ||= Part.at(@frames.first, "normAutofit")&.[]("fontScale")&.then { |share| part(share) } || 1

        def read(paragraph)
          own = Part.at(paragraph, "pPr")
          level = own&.[]("lvl").to_i.clamp(0, 8)
          looks = [ own, *@levels.map { |list| Part.at(list, "lvl#{level + 1}pPr") } ].compact
          pieces = paragraph.element_children.filter_map { |node| run(node, looks) }
          pieces << words_of("", Part.at(paragraph, "endParaRPr"), looks) if pieces.empty?
          largest, list = pieces.max_by(&:size), list(looks)
          line = largest.size * largest.face.line
          left, first = %w[marL indent].map { |name| said(looks, name)&.to_f&./(OpenXml::POINT) }
          list = "hanging" if list == "none" && first&.negative? && left.to_f >= -first && begins?(looks)
          if Text::Layout::SIGNS[list] && left && first.to_f >= 0 && pieces.any? { |run| !run.text.strip.empty? }
            pieces.unshift(sign(list, looks, pieces.first)) # nothing is between it and the words
            list = "none"
          end
          Words::Paragraph.new(runs: Words.reading(pieces, rtl?(looks)), align: align(looks), rtl: rtl?(looks), list: list, tab: (tab(looks, left.to_f + (list == "none" ? first.to_f : 0)) if pieces.any?(&:tabbed?)), number: (number(level, entry(looks)) unless pieces.all? { |run| run.text.strip.empty? }), indent: left ? [ left + first.to_f, 0 ].max : level * STEP, hang: (-first if list != "none" && first&.negative?), leading: distance(looks, "lnSpc", line)&./(line),
            before: distance(looks, "spcBef", largest.size), after: distance(looks, "spcAft", largest.size), **(Text::Layout.sign(list, 1) ? signed(looks, pieces.first.size) : {}))
        end

        # Points from where its words begin to the first tab stop, or between those that nobody has set.
        def tab(looks, left)
          first = looks.filter_map { |look| Part.at(look, "tabLst") }.first.then { |list| Part.all(list, "tab") }.map { |node| node["pos"].to_f / OpenXml::POINT - left }.find(&:positive?)
          first || (said(looks, "defTabSz") || TAB).to_f / OpenXml::POINT
        end

        # Points between lines or paragraphs; whole: of which shares are meant, the height of a line or of its letters. nil where
        # nothing is said.
        def distance(looks, name, whole)
          said = looks.filter_map { |look| Part.at(look, name) }.first
          share, points = Part.at(said, "spcPct"), Part.at(said, "spcPts")
          share ? [ part(share["val"]) - (name == "lnSpc" ? closer : 0), 0 ].max * whole : points && points["val"].to_f / 100
        end

        # How much closer the file has set the lines so that they fit.
        def closer = @closer ||= part(Part.at(@frames.first, "normAutofit")&.[]("lnSpcReduction"))

        def part(share) = share.to_s.then { |value| value.end_with?("%") ? value.to_f / 100 : value.to_f / 100_000 }

        # Where nothing is said, words that run to the left begin on the right.
        def align(looks) = said(looks, "algn")&.then { |side| ALIGN.fetch(side, "left") } || (rtl?(looks) ? "right" : "left")
        def rtl?(looks) = yes?(said(looks, "rtl"))

        # Whether its lines begin at the side from which it reads.
        def begins?(looks) = [ rtl?(looks) ? "right" : "left", "both" ].include?(align(looks))

        def run(node, looks)
          case node.name
          when "r", "fld" then words_of(Part.at(node, "t")&.text.to_s, Part.at(node, "rPr"), looks)
          when "br" then words_of("\n", Part.at(node, "rPr"), looks)
          end
        end

        def words_of(text, own, looks)
          all = [ own, *looks.filter_map { |look| Part.at(look, "defRPr") } ].compact
          text = PictureFaces.read(text.delete("\v"), *%w[latin sym].map { |kind| all.filter_map { |look| Part.at(look, kind) }.first&.[]("typeface") })
          text = text.upcase if said(all, "cap") == "all"
          Words::Run.new(text: text, size: (said(all, "sz")&.to_f || 1_800) / 100 * shrunk, face: face(all), bold: said(all, "b")&.then { |value| yes?(value) }.then { |said| said.nil? ? @bold : said }, italic: yes?(said(all, "i")), colour: colour(own, all), link: link(own),
            underline: said(all, "u").to_s !~ /\A(none)?\z/, strike: STRUCK.include?(said(all, "strike")), highlight: highlight(all), tracking: said(all, "spc").to_f / 100, shift: Words.shift(said(all, "baseline").to_f))
        end

        # One of the theme's is named by its role ("+mn-lt").
        def face(all)
          named(all.filter_map { |look| Part.at(look, "latin") }.first)
        end

        def named(latin)
          name, family = latin&.[]("typeface"), latin&.[]("pitchFamily").to_i
          Fonts.public_send(@even ? :even : :of, name&.start_with?("+") || latin.nil? ? @inks.font(name) : name, generic: GENERIC[family >> 4], pitch: ("fixed" if family & 3 == 1))
        end

        def highlight(all) = all.filter_map { |look| Part.at(look, "highlight") }.first&.then { |node| @inks.colour(node) }

        # Letters that are nothing but outlines are as coloured as those.
        def colour(own, all)
          found = @inks.fill_over(own, @ground) || @lettering || all.filter_map { |look| @inks.fill_over(look, @ground) }.first
          found = @inks.fill(Part.at(own, "ln")) if found == "none"
          found && found != "none" ? found : Colour::INK
        end

        def link(own) = Part.at(own, "hlinkClick")&.then { |node| @part.opened(node) }

        # What stands before a paragraph, as the nearest says it.
        def entry(looks) = looks.filter_map { |look| look.element_children.find { |node| %w[buNone buChar buAutoNum buBlip].include?(node.name) } }.first

        # The number of an entry, counted on from the last at its level; nil where none is.
        def number(level, sign)
          @counts = @counts.first(level + 1)
          return @counts[level] = nil unless sign&.name == "buAutoNum"
          numbering, first = [ sign["type"], sign["startAt"] ], (sign["startAt"] || 1).to_i.clamp(Text::ListKind::NUMBERS)
          before, last = @counts[level]
          (before == numbering ? last + 1 : first).tap { |number| @counts[level] = [ numbering, number ] }
        end

        def list(looks)
          sign = entry(looks)
          return COUNTED.fetch(sign["type"].to_s[0, 7], "numbers") if sign&.name == "buAutoNum"
          sign.nil? || sign.name == "buNone" ? "none" : Signs.of(sign["char"], looks.filter_map { |look| Part.at(look, "buFont") }.first&.[]("typeface"))
        end

        # How a sign looks before words so large, where it looks otherwise than they do.
        def signed(looks, size) = { sign_colour: sign_colour(looks), sign_size: sign_size(looks, size), sign_font: sign_face(looks)&.font }

        # What stands before words that look so, as one of them.
        def sign(list, looks, run)
          run.dup.tap { |own| own.text, own.link, own.colour, own.size, own.face = Text::Layout.sign(list, 1), nil, sign_colour(looks) || run.colour, run.size * (sign_size(looks, run.size) || 1), sign_face(looks) || run.face }
        end

        # nil: as its words.
        def sign_face(looks)
          node = looks.flat_map(&:element_children).find { |one| %w[buFont buFontTx].include?(one.name) }
          named(node) if node&.name == "buFont" && Signs.lettered?(node["typeface"])
        end

        # nil: as its words.
        def sign_colour(looks) = looks.flat_map(&:element_children).find { |node| %w[buClr buClrTx].include?(node.name) }&.then { |node| @inks.colour(node) }

        # In ems of its words, which are so large; nil where nothing is said.
        def sign_size(looks, size)
          node = looks.flat_map(&:element_children).find { |one| %w[buSzPct buSzPts buSzTx].include?(one.name) } or return
          { "buSzPct" => -> { part(node["val"]) }, "buSzPts" => -> { node["val"].to_f / 100 / size } }[node.name]&.call
        end

        def said(nodes, name) = nodes.filter_map { |node| node[name] }.first
        def yes?(value) = %w[1 true].include?(value)
      end
    end
  end
end
