require "core_test"
require "support/decks"
require "tempfile"

# Where the words of slides stand, and what stands before them.
class SlideWordsTest < CoreTest
  include Decks

  PPTX, ODP = "application/vnd.openxmlformats-officedocument.presentationml.presentation", "application/vnd.oasis.opendocument.presentation"
  ODP_POINT = 4 # page units of a point on a slide 400 points wide

  def test_a_face_is_known_by_its_name
    fonts = Usher::Formats::Slides::Fonts
    { "Lucida Sans Unicode" => "broad", "Source Code Pro" => "code", "Courier New" => "code", "Arial" => "plain", "Cambria" => "print", "Georgia" => "tome", "Garamond" => "book", "Lucida Console" => "code" }.each { |name, font| assert_equal font, fonts.of(name).font, name }
  end

  def test_words_that_do_not_wrap_are_as_broad_as_they_are
    long = "At ebb the boats lie on the sand beside the old lighthouse"
    said = ->(body, align = "l") { pptx(Decks.shape(at: [ 400, 0, 100, 40 ], body: body, paragraphs: %(<a:p><a:pPr algn="#{align}"/><a:r><a:t>#{long}</a:t></a:r></a:p>))).first }
    whole, middle, broken = said.('<a:bodyPr wrap="none"/>'), said.('<a:bodyPr wrap="none"/>', "ctr"), said.("<a:bodyPr/>")
    lines = ->(item) { Usher::Items.build(item).lines.size }
    assert_equal [ 1, true ], [ lines.(whole), lines.(broken) > 1 ]
    assert_in_delta broken["x"], whole["x"], 2
    assert_in_delta 450 * 1_600 / 960.0, middle["x"] + middle["width"] / 2, 2, "about the middle of its box"
    assert_equal 30.0, whole["size"].round(1), "nothing is made smaller for want of room"
  end

  def test_lines_behind_the_first_hang_where_the_slide_says_so
    said = ->(looks) { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %(<a:p><a:pPr #{looks}><a:buNone/></a:pPr><a:r><a:t>At ebb the boats lie on the sand beside the old lighthouse</a:t></a:r></a:p>))).first }
    hung = said.('marL="457200" indent="-457200"')
    assert_equal [ [ "hanging" ], 2.0 ], hung.values_at("lists", "hang")
    assert_equal [ 0, 2.0 ], Usher::Items.build(hung).lines.first(2).map(&:indent)
    [ 'marL="342900"', 'marL="342900" indent="-342900" algn="ctr"', 'marL="0" indent="-342900"' ].each { |looks| assert_empty said.(looks)["lists"], looks }
    styles = '<style:style style:name="P" style:family="paragraph"><style:paragraph-properties fo:margin-left="20pt" fo:text-indent="-20pt"/></style:style>'
    assert_equal [ "hanging" ], odp(box('<text:p text:style-name="P">Ebb</text:p>'), styles: styles).first["lists"]
  end

  def test_words_that_stand_on_end_have_the_box_the_other_way
    turned = ->(way) { pptx(Decks.shape(at: [ 100, 100, 40, 200 ], body: %(<a:bodyPr vert="#{way}"/>), text: "Lighthouse keepers")).first }
    up, down = turned.("vert270"), turned.("vert")
    assert_equal [ 270.0, 90.0, 0.0 ], [ up, down, turned.("horz") ].map { |item| item["angle"].to_f }
    assert_operator up["width"], :>, 150 * 1_600 / 960.0
    assert_in_delta (100 + 20) * 1_600 / 960.0, up["x"] + up["width"] / 2, 20, "in its middle"
  end

  def test_what_is_no_placeholder_looks_as_the_presentation_says
    show = Decks.show(1).sub("</p:presentation>", '<p:defaultTextStyle><a:lvl1pPr algn="ctr"><a:defRPr sz="2400"/></a:lvl1pPr></p:defaultTextStyle></p:presentation>')
    item = pptx(Decks.shape(at: [ 0, 0, 300, 90 ], text: "Ebb"), parts: { "ppt/presentation.xml" => show }).first
    assert_equal [ "middle", 40.0 ], item.values_at("align", "size")
    body = pptx(Decks.shape(at: [ 0, 0, 300, 90 ], ph: 'idx="1"', paragraphs: '<a:p><a:pPr lvl="1"/><a:r><a:t>Ebb</a:t></a:r></a:p>'), parts: { "ppt/presentation.xml" => show.sub("a:lvl1pPr algn", "a:lvl2pPr algn").sub("</a:lvl1pPr>", "</a:lvl2pPr>") }).first
    assert_equal [ "left", 33.3 ], body.values_at("align", "size"), "a body looks as the master says"
  end

  def test_letters_that_are_only_outlines_are_as_coloured_as_those
    said = ->(looks) { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: "<a:p><a:r><a:rPr>#{looks}</a:rPr><a:t>Ebb</a:t></a:r></a:p>")).first["colour"] }
    assert_equal "#b3411d", said.('<a:ln w="18000"><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></a:ln><a:noFill/>')
    assert_equal Usher::Colour::INK, said.("<a:noFill/>")
    assert_equal "#1e6079", said.('<a:ln><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></a:ln><a:solidFill><a:srgbClr val="1E6079"/></a:solidFill>')
  end

  def test_breaks_at_the_end_take_no_room
    item = pptx(Decks.shape(at: [ 0, 0, 300, 60 ], paragraphs: "<a:p><a:r><a:t>Ebb</a:t></a:r>#{'<a:br/>' * 6}</a:p>")).first
    assert_equal [ "Ebb", 30.0 ], item.values_at("text", "size")
  end

  def test_the_sign_of_a_list_is_of_the_kind_that_the_slide_has
    signs = Usher::Formats::Slides::Signs
    { nil => "bullets", "" => "bullets", "•" => "bullets", "●" => "discs", "»" => "angles", "–" => "dashes", "-" => "dashes", "■" => "blocks", "▪" => "squares", "□" => "boxes", "○" => "rings", "o" => "rings", "→" => "arrows", "➢" => "heads", "▸" => "wedges", "❖" => "diamonds", "\u{F07D}" => "wedges", "✓" => "ticks", "x" => "bullets", "\u{F0FC}" => "ticks", "\u{F0A7}" => "squares" }.each do |sign, kind|
      assert_equal kind, signs.of(sign), sign.inspect
    end
    assert_equal %w[squares heads ticks diamonds arrows bullets discs blocks boxes], [ "§", "Ø", "ü", "v", "à", "·", "\u{F06C}", "n", "q" ].map { |sign| signs.of(sign, "Wingdings") }
    assert_equal %w[wedges discs squares lozenges], [ [ "\u{F075}", "Wingdings 3" ], [ "\u{F097}", "Wingdings 2" ], [ "\u{F0A0}", "Wingdings 2" ], [ "u", "Wingdings" ] ].map { |sign, face| signs.of(sign, face) }, "each face has its own"
    assert_equal "bullets", signs.of("ü", "Harbour Sans"), "a letter of an ordinary face is none"
  end

  def test_lists_of_slides_keep_their_signs
    entry = ->(sign) { %(<a:p><a:pPr><a:buFont typeface="Wingdings"/>#{sign}</a:pPr><a:r><a:t>Ebb</a:t></a:r></a:p>) }
    signs = { '<a:buChar char="ü"/>' => "ticks", '<a:buChar char="–"/>' => "dashes", '<a:buAutoNum type="alphaLcParenR"/>' => "letters", '<a:buBlip/>' => "bullets" }
    signs.each { |sign, kind| assert_equal [ kind ], pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: entry.(sign))).first["lists"], sign }
    styles = '<text:list-style style:name="L"><text:list-level-style-bullet text:level="1" text:bullet-char="➢"/></text:list-style>'
    assert_equal [ "heads" ], odp(box('<text:list text:style-name="L"><text:list-item><text:p>Ebb</text:p></text:list-item></text:list>'), styles: styles).first["lists"]
  end

  def test_entries_keep_the_numbers_that_the_slide_gives_them
    entry = ->(words, look = '<a:buAutoNum type="arabicPeriod"/>', level: 0, size: 2000) { %(<a:p><a:pPr lvl="#{level}" marL="#{254_000 * (level + 1)}" indent="-254000">#{look}</a:pPr><a:r><a:rPr sz="#{size}"/><a:t>#{words}</a:t></a:r></a:p>) }
    shown = ->(*entries) { pptx(Decks.shape(at: [ 0, 0, 400, 300 ], paragraphs: entries.join)).flat_map { |item| Usher::Items.build(item.merge("id" => "t")).lines.filter_map(&:marker) } }
    sub = entry.("at the quay", '<a:buChar char="–"/>', level: 1)
    assert_equal [ "1.", "–", "2.", "3." ], shown.(entry.("Ebb"), sub, entry.("Flood"), entry.("Slack", size: 3000)), "also where it becomes several texts"
    assert_equal [ "4.", "5.", "1." ], shown.(*[ "Ebb", "Flood" ].map { |words| entry.(words, '<a:buAutoNum type="arabicPeriod" startAt="4"/>') }, entry.("Slack"))
    assert_equal [ "1.", "1." ], shown.(entry.("Ebb"), entry.("The moon", "<a:buNone/>"), entry.("Flood")), "a paragraph between them ends a list"
    assert_equal [ "1.", "2." ], shown.(entry.("Ebb"), '<a:p><a:pPr><a:buAutoNum type="arabicPeriod"/></a:pPr></a:p>', entry.("Flood")), "an empty one does not"
    inner = entry.("at dawn", '<a:buAutoNum type="alphaUcPeriod"/>', level: 1)
    assert_equal [ "1.", "A.", "B.", "2.", "A." ], shown.(entry.("Ebb"), inner, inner, entry.("Flood"), inner)
    kinds = { "alphaLcParenR" => "a)", "alphaUcPeriod" => "A.", "romanLcPeriod" => "i.", "romanUcPeriod" => "I.", "circleNumDbPlain" => "1.", "" => "1." }
    kinds.each { |kind, sign| assert_equal [ sign ], shown.(entry.("Ebb", %(<a:buAutoNum type="#{kind}"/>))), kind }
    [ "0", "-3", "99999", "x" ].each { |odd| assert_equal 1, shown.(entry.("Ebb", %(<a:buAutoNum type="arabicPeriod" startAt="#{odd}"/>))).size }
  end

  def test_tabs_go_to_the_stops_of_the_slide
    entry = ->(looks, inner = "") { pptx(Decks.shape(at: [ 0, 0, 400, 90 ], paragraphs: %(<a:p><a:pPr #{looks}>#{inner}</a:pPr><a:r><a:rPr sz="2000"/><a:t>Ebb\t06:10</a:t></a:r></a:p>))).first["tab"] }
    assert_equal [ 3.6, 1.8, 5.0 ], [ entry.(""), entry.('defTabSz="457200"'), entry.("", '<a:tabLst><a:tab pos="1270000"/></a:tabLst>') ], "an inch, what is said, the first stop"
    assert_equal 4.0, entry.('marL="254000" indent="-254000"', '<a:buChar char="•"/><a:tabLst><a:tab pos="1270000"/></a:tabLst>'), "from where the words begin"
    assert_nil pptx(Decks.shape(at: [ 0, 0, 400, 90 ], text: "Ebb")).first["tab"]
    style = ->(looks) { %(<style:style style:name="P" style:family="paragraph"><style:paragraph-properties #{looks}/><style:text-properties fo:font-size="20pt"/></style:style>) }
    stop = ->(looks, inner = "") { odp(box('<text:p text:style-name="P">Ebb<text:tab/>06:10</text:p>'), styles: style.(looks).sub("/>", ">#{inner}</style:paragraph-properties>")).first.values_at("text", "tab") }
    assert_equal [ [ "Ebb\t06:10", 1.77 ], [ "Ebb\t06:10", 4.0 ], [ "Ebb\t06:10", 5.0 ] ], [ stop.(""), stop.('style:tab-stop-distance="80pt"'), stop.("", '<style:tab-stops><style:tab-stop style:position="100pt"/></style:tab-stops>') ]
  end

  def test_entries_of_opendocument_keep_their_numbers
    style = ->(looks) { %(<text:list-style style:name="L"><text:list-level-style-number text:level="1" #{looks}/></text:list-style>) }
    item = ->(words, look = "") { "<text:list-item #{look}><text:p>#{words}</text:p></text:list-item>" }
    list = ->(inner, look = "") { %(<text:list text:style-name="L" #{look}>#{inner}</text:list>) }
    shown = ->(looks, *lists) { odp(box(lists.join), styles: style.(looks)).flat_map { |one| Usher::Items.build(one.merge("id" => "t")).lines.filter_map(&:marker) } }
    assert_equal %w[1. 2. 1.], shown.('style:num-format="1"', list.(item.("Ebb") + item.("Flood")), list.(item.("Slack"))), "another list begins anew"
    assert_equal %w[1. 2. 3.], shown.('style:num-format="1"', list.(item.("Ebb") + item.("Flood")), "<text:p>and</text:p>", list.(item.("Slack"), 'text:continue-numbering="true"'))
    assert_equal %w[C. D. H.], shown.('style:num-format="A" text:start-value="3"', list.(item.("Ebb") + item.("Flood") + item.("Slack", 'text:start-value="8"')))
    assert_equal %w[i. ii.], shown.('style:num-format="i"', list.(item.("Ebb") + item.("Flood")))
  end

  def test_empty_lines_at_the_ends_move_words_where_they_stand_by_their_end_or_middle
    line = ->(text) { %(<a:p><a:r><a:rPr sz="2000"/><a:t>#{text}</a:t></a:r></a:p>) }
    empty = '<a:p><a:endParaRPr sz="2000"/></a:p>'
    y = ->(anchor, paragraphs) { pptx(Decks.shape(at: [ 0, 0, 300, 300 ], body: %(<a:bodyPr anchor="#{anchor}"/>), paragraphs: paragraphs)).first.then { |text| text["y"] + (text["text"].start_with?("\n") ? text["size"] * text["leading"] : 0) } }
    high = pptx(Decks.shape(at: [ 0, 0, 300, 300 ], paragraphs: line.("Ebb"))).first.then { |text| text["size"] * text["leading"] }
    { "b" => [ -1, 0 ], "ctr" => [ -0.5, 0.5 ], "t" => [ 0, 1 ] }.each do |anchor, (after, before)|
      assert_in_delta after * high, y.(anchor, line.("Ebb") + empty) - y.(anchor, line.("Ebb")), 1, anchor
      assert_in_delta before * high, y.(anchor, empty + line.("Ebb")) - y.(anchor, line.("Ebb")), 1, anchor
    end
    assert_in_delta -high, y.("b", '<a:p><a:r><a:rPr sz="2000"/><a:t>Ebb</a:t></a:r><a:br/></a:p>') - y.("b", line.("Ebb")), 1
  end

  def test_a_sign_that_nothing_keeps_from_its_words_is_one_of_them
    entry = ->(look, words = "Ebb") { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %(<a:p><a:pPr #{look}><a:buClr><a:srgbClr val="1E6079"/></a:buClr><a:buChar char="•"/></a:pPr><a:r><a:t>#{words}</a:t></a:r></a:p>))).first }
    assert_equal [ "•Ebb", [], [ { "from" => 0, "to" => 1, "colour" => "#1e6079" } ] ], entry.('marL="0" indent="0"').values_at("text", "lists", "marks")
    assert_equal [ "Ebb", %w[bullets] ], entry.('marL="254000" indent="-254000"').values_at("text", "lists")
    assert_nil entry.('marL="0" indent="0"', " "), "an empty entry has none"
    own = '<a:pPr marL="0" indent="0"><a:buSzPct val="50000"/><a:buFont typeface="Georgia"/><a:buChar char="•"/></a:pPr>'
    assert_equal [ { "from" => 0, "to" => 1, "font" => "tome", "scale" => 0.5 } ], pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: "<a:p>#{own}<a:r><a:t>Ebb</a:t></a:r></a:p>")).first["marks"]
  end

  def test_signs_of_slides_keep_their_colours
    entry = ->(looks) { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %(<a:p><a:pPr>#{looks}</a:pPr><a:r><a:t>Ebb</a:t></a:r></a:p>))).first["sign_colour"] }
    assert_equal "#1e6079", entry.('<a:buClr><a:srgbClr val="1E6079"/></a:buClr><a:buChar char="•"/>')
    assert_nil entry.('<a:buClrTx/><a:buChar char="•"/>'), "as the words"
    assert_nil entry.('<a:buClr><a:srgbClr val="1E6079"/></a:buClr><a:buNone/>')
    two = pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %w[1E6079 AA3311].map { |colour| %(<a:p><a:pPr><a:buClr><a:srgbClr val="#{colour}"/></a:buClr><a:buChar char="•"/></a:pPr><a:r><a:t>Ebb</a:t></a:r></a:p>) }.join))
    assert_equal %w[#1e6079 #aa3311], two.map { |item| item["sign_colour"] }
    list = ->(looks) { %(<text:list-style style:name="L"><text:list-level-style-bullet text:level="1" text:bullet-char="•"><style:text-properties #{looks}/></text:list-level-style-bullet></text:list-style>) }
    found = [ 'fo:color="#1E6079"', 'style:use-window-font-color="true"' ].map { |looks| odp(box('<text:list text:style-name="L"><text:list-item><text:p>Ebb</text:p></text:list-item></text:list>'), styles: list.(looks)).first["sign_colour"] }
    assert_equal [ "#1e6079", nil ], found
  end

  def test_signs_of_slides_keep_their_size
    entry = ->(looks) { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %(<a:p><a:pPr>#{looks}</a:pPr><a:r><a:rPr sz="2000"/><a:t>Ebb</a:t></a:r></a:p>))).first["sign_size"] }
    { '<a:buSzPct val="45000"/>' => 0.45, '<a:buSzPct val="130%"/>' => 1.3, '<a:buSzPts val="1000"/>' => 0.5, "<a:buSzTx/>" => nil, '<a:buSzPct val="0"/>' => 0.25 }.each do |looks, size|
      assert_equal [ size ], [ entry.(%(#{looks}<a:buChar char="•"/>)) ], looks
    end
    assert_nil entry.('<a:buSzPct val="45000"/><a:buNone/>')
    list = ->(size) { %(<text:list-style style:name="L"><text:list-level-style-bullet text:level="1" text:bullet-char="●"><style:text-properties fo:font-size="#{size}"/></text:list-level-style-bullet></text:list-style>) }
    found = %w[45% 12pt 0%].map { |size| odp(box('<text:list text:style-name="L"><text:list-item><text:p>Ebb</text:p></text:list-item></text:list>'), styles: list.(size)).first.values_at("lists", "sign_size") }
    assert_equal [ [ %w[discs], 0.45 ], [ %w[discs], nil ], [ %w[discs], nil ] ], found
  end

  def test_signs_of_slides_keep_their_face
    entry = ->(looks, list = '<a:buChar char="•"/>') { pptx(Decks.shape(at: [ 0, 0, 300, 90 ], paragraphs: %(<a:p><a:pPr>#{looks}#{list}</a:pPr><a:r><a:rPr><a:latin typeface="Calibri"/></a:rPr><a:t>Ebb</a:t></a:r></a:p>))).first["sign_font"] }
    assert_equal "plain", entry.('<a:buFont typeface="Arial"/>')
    assert_equal "plain", entry.('<a:buFont typeface="Arial"/>', '<a:buAutoNum type="arabicPeriod"/>')
    [ "", "<a:buFontTx/>", '<a:buFont typeface="Calibri"/>', '<a:buFont typeface="Wingdings"/>', '<a:buFont typeface="Wingdings 2"/>' ].each { |looks| assert_nil entry.(looks), looks }
    list = ->(face) { %(<text:list-style style:name="L"><text:list-level-style-bullet text:level="1" text:bullet-char="•"><style:text-properties #{face}/></text:list-level-style-bullet></text:list-style>) }
    found = [ 'fo:font-family="Courier"', 'fo:font-family="OpenSymbol"', "" ].map { |face| odp(box('<text:list text:style-name="L"><text:list-item><text:p>Ebb</text:p></text:list-item></text:list>'), styles: list.(face)).first["sign_font"] }
    assert_equal [ "code", nil, nil ], found
  end

  def test_words_stand_behind_the_widest_sign_where_the_slide_leaves_less
    entries = '<a:p><a:pPr marL="63500" indent="-63500"><a:buAutoNum type="arabicPeriod"/></a:pPr><a:r><a:rPr sz="2000"/><a:t>Ebb</a:t></a:r></a:p>'
    hang = ->(count) { pptx(Decks.shape(at: [ 0, 0, 300, 400 ], paragraphs: entries * count)).first["hang"] }
    face = Usher::Text::Faces.fetch("read")
    assert_in_delta face.width("1.") + 0.05, hang.(1), 0.01
    assert_in_delta face.width("10.") + 0.05, hang.(11), 0.02
  end

  def test_words_stand_where_a_form_has_room_for_them
    words = ->(form) { pptx(Decks.shape(at: [ 0, 0, 100, 100 ], form: form, text: "Ebb", body: '<a:bodyPr lIns="0" tIns="0" rIns="0" bIns="0"/>')).find { |item| item["kind"] == "text" } }
    plain, round = words.("rect"), words.("ellipse")
    assert_operator round["width"], :<, plain["width"] * 0.75
    assert_operator round["x"], :>, plain["x"] + plain["width"] * 0.1
    arrow = ->(more) do
      odp(%(<draw:custom-shape svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="50pt"><text:p>New</text:p><draw:enhanced-geometry svg:viewBox="0 0 100 100" draw:modifiers="60" #{more} draw:enhanced-path="M ?f0 0 L 100 0 100 100 ?f0 100 Z N"><draw:equation draw:name="f0" draw:formula="$0"/></draw:enhanced-geometry></draw:custom-shape>)).last
    end
    whole, part, turned = arrow.(""), arrow.('draw:text-areas="?f0 0 100 100"'), arrow.('draw:text-areas="?f0 0 100 100" draw:mirror-horizontal="true"')
    assert_in_delta 60 * ODP_POINT, part["x"] - whole["x"], 2
    assert_in_delta whole["x"], turned["x"], 2, "mirrored with the form"
    looped = '<draw:custom-shape svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="50pt"><text:p>New</text:p><draw:enhanced-geometry svg:viewBox="0 0 100 100" draw:type="rectangle" draw:text-areas="?f0 0 100 100"><draw:equation draw:name="f0" draw:formula="?f1"/><draw:equation draw:name="f1" draw:formula="?f0"/></draw:enhanced-geometry></draw:custom-shape>'
    assert_equal "New", odp(looped).last["text"], "equations that lead to each other lose no word"
    [ 'draw:text-areas="50 0 50 100"', 'draw:text-areas="1 2"', 'draw:text-areas="?f9 ?f9 a b"' ].each { |odd| assert_in_delta whole["x"], arrow.(odd)["x"], 0.1, odd }
  end

  def test_words_stand_in_the_body_of_a_ready_form_mirrored_with_it
    middle = ->(form, **more) { pptx(Decks.shape(at: [ 0, 0, 200, 100 ], form: form, text: "Ebb", body: '<a:bodyPr lIns="0" tIns="0" rIns="0" bIns="0" anchor="ctr"/>', **more)).find { |item| item["kind"] == "text" }.then { |item| [ item["x"] + item["width"] / 2, item["y"] + item["height"] / 2 ] } }
    whole = middle.("rect")
    shift = ->(*form, **more) { middle.(*form, **more).zip(whole).map { |own, usual| ((own - usual) / (1600 / 960.0)).round(1) } }
    { "rightArrowCallout" => [ -35, 0 ], "leftArrowCallout" => [ 35, 0 ], "upArrowCallout" => [ 0, 17.5 ], "downArrowCallout" => [ 0, -17.5 ], "rightArrow" => [ -12.5, 0 ], "leftArrow" => [ 12.5, 0 ], "can" => [ 0, 6.25 ],
      "flowChartDocument" => [ 0, -10 ], "hexagon" => [ 0, 0 ] }.each { |form, by| shift.(form).zip(by) { |own, asked| assert_in_delta asked, own, 0.3, form } }
    assert_in_delta 35, shift.("rightArrowCallout", frame: 'flipH="1"').first, 0.3
  end

  def test_every_ready_form_has_room_for_words_within_it
    forms, presets = Usher::Formats::Slides::Forms, Usher::Formats::Slides::Presets
    [ *forms::KINDS.keys, *presets.names ].uniq.product([ [ 200, 100 ], [ 30, 300 ], [ 0.01, 5 ] ], [ {}, { "adj1" => 5.0, "adj2" => -3.0, "adj3" => 9.0, "adj4" => 0.0 } ]).each do |name, sides, bends|
      left, top, right, bottom = forms.area(name, *sides, bends) || next
      assert [ left, top, 1 - right, 1 - bottom ].all? { |n| n.between?(0, 1) } && left < right && top < bottom, [ name, sides, bends ].inspect
    end
  end

  def test_words_in_a_freely_drawn_form_have_the_rectangle_it_names
    free = ->(rectangle, **more) do
      look = %(<a:custGeom><a:gdLst><a:gd name="from" fmla="*/ w 1 2"/></a:gdLst>#{rectangle}<a:pathLst><a:path w="1" h="1"><a:moveTo><a:pt x="0" y="0"/></a:moveTo><a:lnTo><a:pt x="1" y="1"/></a:lnTo></a:path></a:pathLst></a:custGeom>)
      pptx(Decks.shape(at: [ 0, 0, 100, 100 ], look: look, text: "Ebb", **more)).find { |item| item["kind"] == "text" }
    end
    whole = free.("")
    assert_operator free.('<a:rect l="from" t="t" r="r" b="b"/>')["x"], :>, whole["x"] + whole["width"] * 0.4
    assert_in_delta whole["x"], free.('<a:rect l="r" t="t" r="l" b="b"/>')["x"], 0.1
    assert_in_delta whole["x"], free.('<a:rect l="from" t="t" r="r" b="b"/>', frame: 'flipH="1"')["x"], 1, "mirrored with the form"
  end

  def test_words_that_a_slide_makes_fit_stand_nowhere_out_of_their_box
    lines = (1..5).map { |n| "<text:p>Tide #{n}</text:p>" }.join
    size = ->(more) { odp(box(lines, more: more, height: 100), styles: '<style:style style:name="G" style:family="graphic"><style:graphic-properties draw:fit-to-size="shrink-to-fit"/></style:style>').first["size"] }
    assert_operator size.('draw:style-name="G"'), :<, size.("")
  end

  def test_letters_that_stand_for_signs_are_those_signs
    run = ->(words, faces) { %(<a:r><a:rPr>#{faces}</a:rPr><a:t>#{words}</a:t></a:r>) }
    text = ->(*runs) { pptx(Decks.shape(at: [ 0, 0, 400, 60 ], paragraphs: "<a:p>#{runs.join}</a:p>")).first["text"] }
    assert_equal "there ∃ a π", text.(run.("there ", ""), run.("\u{F024}", '<a:sym typeface="Symbol"/>'), run.(" a ", ""), run.("p", '<a:latin typeface="Symbol"/>'))
    assert_equal "✔ ● pier", text.(run.("ü l", '<a:latin typeface="Wingdings"/>'), run.(" pier", '<a:sym typeface="Symbol"/>'))
    assert_equal "ebb \u{F024}", text.(run.("ebb \u{F024}", '<a:latin typeface="Arial"/>')), "of no face that is known"
    greek = '<style:style style:name="G" style:family="text"><style:text-properties fo:font-family="Symbol"/></style:style>'
    assert_equal "Δ tide", odp(box('<text:p><text:span text:style-name="G">D</text:span> tide</text:p>'), styles: greek).first["text"]
  end

  def test_letters_that_stand_under_each_other_do
    item = pptx(Decks.shape(at: [ 0, 0, 60, 400 ], body: '<a:bodyPr vert="wordArtVert"/>', text: "Tide"))
    assert_equal [ "T\ni\nd\ne" ], item.map { |one| one["text"] }
  end

  def test_letters_that_let_something_through_are_mixed_with_what_is_behind_them
    faint = '<a:solidFill><a:srgbClr val="000000"><a:alpha val="25000"/></a:srgbClr></a:solidFill>'
    colour = ->(look = "") { pptx(Decks.shape(at: [ 0, 0, 300, 60 ], form: "rect", look: look, paragraphs: "<a:p><a:r><a:rPr>#{faint}</a:rPr><a:t>Ebb</a:t></a:r></a:p>")).last["colour"] }
    assert_equal [ "#bfbfbf", "#bf0000" ], [ colour.(), colour.('<a:solidFill><a:srgbClr val="ff0000"/></a:solidFill>') ]
  end

  def test_letters_that_are_drawn_are_as_large_as_their_box
    drawn = ->(form, text = "Ebb") { pptx(Decks.shape(at: [ 100, 100, 300, 60 ], body: %(<a:bodyPr>#{%(<a:prstTxWarp prst="#{form}"/>) if form}</a:bodyPr>), paragraphs: %(<a:p><a:r><a:rPr sz="1800"/><a:t>#{text}</a:t></a:r></a:p>))).first }
    plain, large, broad = drawn.(nil), drawn.("textPlain"), drawn.("textPlain", "At ebb the boats lie on the sand")
    assert_equal [ plain["size"] ] * 2, [ drawn.("textNoShape")["size"], drawn.("textArchUp")["size"] ]
    scale = 1_600 / 960.0
    assert_equal "middle", large["align"]
    assert_in_delta 60 * scale, large["height"], 5
    assert_operator broad["size"], :<, large["size"]
    assert_equal 1, Usher::Items.build(broad).lines.size
    assert_in_delta 250 * scale, large["x"] + large["width"] / 2, 1, "in the middle of it"
    assert_equal [ "Ebb\nTide", true ], drawn.("textWave1", "Ebb</a:t></a:r><a:br/><a:r><a:t>Tide").then { |two| [ two["text"], two["size"] < large["size"] ] }
    assert_nil drawn.("textPlain", ""), "nothing is written"
  end

  def test_letters_that_are_drawn_have_the_colours_of_their_form
    letters = lambda do |type|
      odp(%(<draw:custom-shape draw:style-name="L" svg:x="0pt" svg:y="0pt" svg:width="300pt" svg:height="60pt"><text:p>Ebb</text:p><draw:enhanced-geometry draw:text-path="true" draw:type="#{type}" svg:viewBox="0 0 10 10" draw:enhanced-path="M 0 0 L 10 0 N M 0 10 L 10 10 N"/></draw:custom-shape>),
        styles: '<style:style style:name="L" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style>')
    end
    plain, curved = letters.("fontwork-plain-text"), letters.("fontwork-arch-up-curve")
    assert_equal [ [ "text", "#1e6079" ] ], plain.map { |item| item.values_at("kind", "colour") }
    assert_in_delta 60 * ODP_POINT, plain.first["height"], 10
    assert_equal [ %w[text], true ], [ curved.map { |item| item["kind"] }, curved.first["size"] < plain.first["size"] ]
  end

  def test_words_of_another_face_in_a_line_keep_it
    typed = '<a:p><a:r><a:rPr><a:latin typeface="Arial"/></a:rPr><a:t>Write the long name </a:t></a:r><a:r><a:rPr><a:latin typeface="Courier New"/></a:rPr><a:t>ebb</a:t></a:r></a:p>'
    item = pptx(Decks.shape(at: [ 0, 0, 300, 100 ], paragraphs: typed)).first
    assert_equal [ "plain", [ { "from" => 20, "to" => 23, "font" => "code" } ] ], item.values_at("font", "marks")
  end

  def test_words_of_a_form_that_stands_on_its_head_do_too
    angle = ->(flips, form = "rect", look = solid("F7DFA6")) { pptx(Decks.shape(at: [ 0, 0, 90, 90 ], form: form, look: look, text: "Ebb", frame: flips)).find { |item| item["kind"] == "text" }["angle"].abs.round }
    assert_equal [ 0, 0, 180, 180 ], [ "", 'flipH="1"', 'flipV="1"', 'flipH="1" flipV="1"' ].map { |flips| angle.(flips) }
    assert_equal [ 180, 180 ], [ angle.('flipV="1"', "gear6"), angle.('flipV="1"', "rect", "") ], "a drawn form, and one that is not seen"
  end

  def test_letters_whose_colour_is_left_open_are_as_all_are
    behind = '<style:style style:name="B" style:family="graphic"><style:text-properties fo:color="#b3411d"/></style:style>'
    colour = ->(said) { odp(box("<text:p>Ebb</text:p>", more: 'draw:style-name="G"'), styles: %(#{behind}<style:style style:name="G" style:family="graphic" style:parent-style-name="B"><style:text-properties #{said}/></style:style>)).first["colour"] }
    assert_equal [ "#b3411d", Usher::Colour::INK ], [ "", 'style:use-window-font-color="true" fo:opacity="0%"' ].map(&colour)
  end

  def test_words_may_reach_both_edges
    just = pptx(Decks.shape(at: [ 0, 0, 90, 90 ], paragraphs: '<a:p><a:pPr algn="just"/><a:r><a:t>Ebb</a:t></a:r></a:p>')).first
    odf = odp(box('<text:p text:style-name="J">Ebb</text:p>'), styles: '<style:style style:name="J" style:family="paragraph"><style:paragraph-properties fo:text-align="justify"/></style:style>').first
    assert_equal %w[both both], [ just["align"], odf["align"] ]
  end

  def test_words_go_on_from_column_to_column
    tides = (1..12).map { |n| "Tide #{n}" }
    body = '<a:bodyPr lIns="0" rIns="0" tIns="0" bIns="0" numCol="3" spcCol="127000"/>'
    columns = pptx(Decks.shape(at: [ 0, 0, 320, 100 ], body: body, paragraphs: tides.map { |words| "<a:p><a:r><a:rPr sz=\"2000\"/><a:t>#{words}</a:t></a:r></a:p>" }.join))
    assert_equal [ 3, tides ], [ columns.size, columns.flat_map { |item| item["text"].split("\n") } ]
    point = 1_600 / 960.0
    columns.each_with_index { |item, number| assert_in_delta number * 110 * point, item["x"], 2 }
    assert_equal [ columns.first["y"] ], columns.map { |item| item["y"] }.uniq
    styled = '<style:style style:name="G" style:family="graphic"><style:graphic-properties><style:columns fo:column-count="2" fo:column-gap="10pt"/></style:graphic-properties></style:style>'
    assert_equal 2, odp(box(tides.map { |words| "<text:p>#{words}</text:p>" }.join, more: 'draw:style-name="G"', height: 150), styles: styled).size
  end

  def test_a_paragraph_goes_on_in_the_next_column_with_its_looks
    long = "At ebb the boats lie on the sand beside the old lighthouse and the ropes are dry"
    run = ->(words, bold) { "<a:r><a:rPr sz=\"2000\" b=\"#{bold}\"/><a:t>#{words}</a:t></a:r>" }
    body = '<a:bodyPr lIns="0" rIns="0" tIns="0" bIns="0" numCol="2"/>'
    columns = pptx(Decks.shape(at: [ 0, 0, 300, 80 ], body: body, paragraphs: "<a:p><a:pPr><a:buChar char=\"•\"/></a:pPr>#{run.(long[0, 50], 0)}#{run.(long[50..], 1)}</a:p>"))
    assert_equal [ 2, long ], [ columns.size, columns.map { |item| item["text"] }.join.delete_prefix("• ") ]
    assert columns.last["bold"] || columns.last["marks"].any? { |mark| mark["bold"] }
    assert_equal [ long ], pptx(Decks.shape(at: [ 0, 0, 300, 3 ], body: body, paragraphs: "<a:p>#{run.(long, 0)}</a:p>")).map { |item| item["text"] }, "nothing is lost where there is no room at all"
  end

  private

  def box(words, more: "", height: 90) = %(<draw:frame #{more} svg:x="0pt" svg:y="0pt" svg:width="300pt" svg:height="#{height}pt"><draw:text-box>#{words}</draw:text-box></draw:frame>)
  def pptx(slide, **more) = items(Decks.pptx(slide, **more), PPTX)
  def odp(page, **more) = items(Decks.odp(page, **more), ODP)

  def items(bytes, type)
    Tempfile.create("deck") do |file|
      file.binmode
      file.write(bytes)
      file.flush
      return Usher::Formats::Slides.open(file.path, type).slide(1).items
    end
  end
end
