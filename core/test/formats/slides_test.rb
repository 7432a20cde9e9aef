require "core_test"
require "support/decks"
require "tempfile"
require "nokogiri"

# Slides of office presentations as things on a page: 960 by 540 points are 1600 by 900 page units, 400 by
# 300 are 1600 by 1200.
class SlidesTest < CoreTest
  include Decks

  RICH = [ Decks.shape(at: [ 96, 54, 480, 60 ], form: "roundRect", text: "Boots", look: Decks.solid("f7dfa6"), frame: 'rot="2700000"'),
    Decks.shape(at: [ 0, 0, 90, 90 ], look: '<a:custGeom><a:pathLst><a:path w="100" h="100"><a:moveTo><a:pt x="0" y="0"/></a:moveTo><a:arcTo wR="50" hR="50" stAng="0" swAng="5400000"/><a:lnTo><a:pt x="10" y="90"/></a:lnTo><a:close/></a:path></a:pathLst></a:custGeom><a:gradFill><a:gsLst><a:gs pos="0"><a:srgbClr val="1e6079"><a:lumMod val="50000"/><a:alpha val="50000"/></a:srgbClr></a:gs><a:gs pos="100000"><a:hslClr hue="1200000" sat="50000" lum="50000"/></a:gs></a:gsLst></a:gradFill><a:ln w="12700"><a:solidFill><a:srgbClr val="000000"/></a:solidFill></a:ln>'),
    Decks.shape(at: [ 0, 0, 90, 90 ], form: "bentConnector3", look: '<a:ln w="12700"><a:solidFill><a:srgbClr val="000000"/></a:solidFill></a:ln>'),
    %(<p:grpSp><p:nvGrpSpPr/><p:grpSpPr>#{Decks.place([ 200, 100, 200, 100 ], 'rot="60000"', inner: '<a:chOff x="0" y="0"/><a:chExt cx="1270000" cy="1270000"/>')}</p:grpSpPr>#{Decks.shape(at: [ 0, 0, 50, 50 ], form: "rightArrow", look: Decks.solid("000000"))}</p:grpSp>),
    %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table"><a:tbl><a:tblGrid><a:gridCol w="1270000"/></a:tblGrid><a:tr h="381000"><a:tc gridSpan="1" rowSpan="1"><a:txBody><a:p><a:pPr lvl="1"/><a:r><a:rPr sz="1200"/><a:t>Day</a:t></a:r></a:p></a:txBody></a:tc></a:tr></a:tbl></a:graphicData></a:graphic></p:graphicFrame>) ].join.freeze
  RICH_ODP = '<draw:custom-shape svg:width="100pt" svg:height="50pt" svg:x="5pt" svg:y="9pt"><text:p>Boots<text:s text:c="2"/></text:p><draw:enhanced-geometry draw:type="round-rectangle" draw:modifiers="3600"/></draw:custom-shape><draw:line svg:x1="10pt" svg:y1="10pt" svg:x2="50pt" svg:y2="10pt"/>' \
    '<draw:path svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt" svg:viewBox="0 0 10 10" svg:d="m0 0h10v10z"/><draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><table:table><table:table-column table:number-columns-repeated="2"/><table:table-row table:number-rows-repeated="2"><table:table-cell table:number-columns-spanned="1"><text:p>Day</text:p></table:table-cell></table:table-row></table:table></draw:frame>'.freeze

  def test_a_placeholder_has_its_place_and_looks_from_layout_and_master
    layout = shape(at: [ 60, 30, 840, 90 ], ph: 'type="title"', text: "Click here")
    slide = pptx_slide(shape(ph: 'type="ctrTitle"', text: "Tides", body: '<a:bodyPr anchor="ctr"/>') + shape(at: [ 60, 150, 600, 300 ], ph: 'idx="1"', paragraphs: '<a:p><a:r><a:t>High </a:t></a:r><a:r><a:rPr b="1"><a:solidFill><a:srgbClr val="b3411d"/></a:solidFill></a:rPr><a:t>water</a:t></a:r></a:p><a:p><a:pPr lvl="1"/><a:r><a:t>at six</a:t></a:r></a:p>'), layout: layout)
    title, first, second = slide.items
    assert_equal [ "text", "Tides", 73.3, "middle", true, "#1e6079" ], title.values_at("kind", "text", "size", "align", "bold", "colour")
    assert_in_delta 125 + title["size"] * 0.065, title["y"] + title["height"] / 2, 1, "in the middle of the layout's box"
    assert_equal [ "High water", 46.7, [ "bullets" ], Usher::Colour::INK ], first.values_at("text", "size", "lists", "colour")
    assert_equal [ { "from" => 5, "to" => 10, "bold" => true, "colour" => "#b3411d" } ], first["marks"]
    assert_equal [ "at six", 33.3, [ "numbers" ] ], second.values_at("text", "size", "lists")
    assert_operator second["x"], :>, first["x"], "further in"
    assert_equal first["groups"], second["groups"], "one box stays together"
    assert_equal [ 960.0, 540.0, "#ffffff", [] ], [ slide.width, slide.height, slide.colour, slide.missing ]
  end

  def test_shapes_keep_form_place_turn_and_paint
    star, box, words, arrow = pptx_slide(shape(at: [ 96, 54, 96, 96 ], form: "star5", look: solid("accent2") + '<a:ln w="25400"><a:noFill/></a:ln>', frame: 'rot="2700000"') +
      shape(at: [ 480, 270, 192, 108 ], form: "roundRect", text: "Boat", more: '<p:style><a:lnRef idx="2"><a:schemeClr val="accent1"/></a:lnRef><a:fillRef idx="1"><a:schemeClr val="accent1"><a:lumMod val="50000"/></a:schemeClr></a:fillRef><a:fontRef idx="minor"><a:schemeClr val="lt1"/></a:fontRef></p:style>') +
      shape(at: [ 0, 0, 96, 54 ], form: "line", frame: 'flipV="1"', look: '<a:ln w="12700"><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill><a:prstDash val="sysDot"/><a:tailEnd type="triangle"/></a:ln>')).items
    assert_equal [ "star", 5, 160.0, 90.0, 160.0, 45.0, "#1d7758", "none" ], star.values_at("kind", "tips", "x", "y", "width", "angle", "fill", "stroke")
    assert_equal [ "rectangle", 800.0, 320.0, "#9a3a61", 5.0 ], box.values_at("kind", "x", "width", "stroke", "stroke_width")
    assert_equal "#4d1d31", box["fill"], "half as light, as CSS reckons it"
    assert_operator box["round"], :>, 20
    assert_equal [ "Boat", "#ffffff", box["groups"] ], words.values_at("text", "colour", "groups")
    assert_equal [ "arrow", [ [ 0, 1 ], [ 1, 0 ] ], "1 1", "#b3411d" ], arrow.values_at("kind", "ends", "dash", "stroke")
  end

  def test_groups_stretch_and_mirror_what_is_in_them
    inner = '<a:chOff x="0" y="0"/><a:chExt cx="1270000" cy="1270000"/>' # 100 by 100 points
    group = "<p:grpSp><p:nvGrpSpPr/><p:grpSpPr>#{place([ 200, 100, 200, 100 ], 'flipH="1"', inner: inner)}</p:grpSpPr>#{shape(at: [ 0, 0, 50, 50 ], form: "rtTriangle", look: solid("000000"))}#{shape(at: [ 50, 50, 50, 50 ], form: "ellipse", look: solid("000000"))}</p:grpSp>"
    triangle, ellipse = pptx_slide(group).items
    assert_equal [ 500.0, 166.67, 166.67, 83.33 ], triangle.values_at("x", "y", "width", "height")
    assert_equal [ [ 1, 0 ], [ 0, 1 ], [ 1, 1 ] ], triangle["corners"]
    assert_equal [ 333.33, 250.0 ], ellipse.values_at("x", "y")
    assert_equal 1, (triangle["groups"] & ellipse["groups"]).size
  end

  def test_groups_in_groups_lie_where_each_puts_the_next
    group = ->(at, inner, content) { "<p:grpSp><p:nvGrpSpPr/><p:grpSpPr>#{place(at, inner: %(<a:chOff x="#{emu(inner[0])}" y="#{emu(inner[1])}"/><a:chExt cx="#{emu(inner[2])}" cy="#{emu(inner[3])}"/>))}</p:grpSpPr>#{content}</p:grpSp>" }
    boat = shape(at: [ 300, 300, 50, 50 ], form: "rect", look: solid("000000"))
    inner = group.([ 1000, 500, 50, 50 ], [ 300, 300, 100, 100 ], boat) # half as large, at the corner of what is around it
    item = pptx_slide(group.([ 96, 54, 200, 200 ], [ 1000, 500, 100, 100 ], inner)).items.first
    assert_equal [ 160.0, 90.0, 83.33, 83.33 ], item.values_at("x", "y", "width", "height")
  end

  # Files before 2010 keep the picture of something of another program in a drawing in VML.
  def test_something_of_another_program_is_the_picture_that_is_kept_of_it
    frame = ->(name) { %(<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="4" name="" descr="Tide table"/></p:nvGraphicFramePr><p:xfrm><a:off x="0" y="0"/><a:ext cx="1270000" cy="1270000"/></p:xfrm><a:graphic><a:graphicData uri="ole"><p:oleObj spid="#{name}" r:id="gone"><p:embed/></p:oleObj></a:graphicData></a:graphic></p:graphicFrame>) }
    drawing = '<xml xmlns:v="urn:v" xmlns:o="urn:o"><v:shapetype id="t"/><v:shape id="_s7"><v:imagedata o:relid="rId9" o:title=""/></v:shape><v:shape id="Tide" o:spid="_s8"><v:imagedata o:relid="rId9"/></v:shape><v:shape id="_s6"/></xml>'
    parts = { "ppt/vml.vml" => drawing, "ppt/_rels/vml.vml.rels" => relations([ "rId9", "image", "media/a.png" ]), "ppt/media/a.png" => PNG }
    slide = pptx_slide({ tree: frame.("_s7") + frame.("_s8") + frame.("_s9") + frame.("_s6"), more: [ [ "v", "vmlDrawing", "../vml.vml" ] ] }, parts: parts)
    assert_equal [ [ "ppt/media/a.png", "Tide table", 166.67 ] ] * 2, slide.items.map { |item| item.values_at("picture", "alt", "width") }
    assert_equal %w[object object], slide.missing
    assert_equal %w[object], pptx_slide(frame.("_s7")).missing
  end

  def test_a_control_is_the_picture_that_is_kept_of_it_where_that_stands
    drawing = ->(style) { %(<xml xmlns:v="urn:v" xmlns:o="urn:o"><v:shape id="Film1" o:spid="_x0000_s7" style='position:absolute;#{style}'><v:imagedata o:relid="rId9"/></v:shape></xml>) }
    slide = lambda do |style, number = 7|
      pptx_slide({ tree: "", controls: %(<p:controls><p:control spid="#{number}" name="Film1"/></p:controls>), more: [ [ "v", "vmlDrawing", "../vml.vml" ] ] },
        parts: { "ppt/vml.vml" => drawing.(style), "ppt/_rels/vml.vml.rels" => relations([ "rId9", "image", "media/a.png" ]), "ppt/media/a.png" => PNG })
    end
    film = slide.("left:96pt;top:48.5pt;width:192pt;height:96pt")
    assert_equal [ [], [ "ppt/media/a.png", "Film1", 160.0, 80.83, 320.0, 160.0 ] ], [ film.missing, film.items.first.values_at("picture", "alt", "x", "y", "width", "height") ]
    assert_equal [ %w[object] ] * 2, [ slide.("left:96pt"), slide.("left:96pt;top:0pt;width:9pt;height:9pt", 8) ].map(&:missing)
  end

  def test_words_of_a_diagram_are_turned_once_more_than_their_shape
    arrow = shape(at: [ 0, 0, 200, 100 ], form: "homePlate", look: solid("000000"), frame: 'rot="10800000"', text: "Ebb")
    apart = arrow.sub("</p:sp>", '<p:txXfrm rot="10800000"><a:off x="254000" y="0"/><a:ext cx="1270000" cy="1270000"/></p:txXfrm></p:sp>')
    shape, words = pptx_slide(apart).items
    assert_equal [ 180.0, 0.0 ], [ shape["angle"], words["angle"] % 360 ]
    assert_operator words["x"], :>=, 20 * 1_600 / 960.0
    assert_equal 180.0, pptx_slide(arrow).items.last["angle"]
  end

  def test_a_slide_that_the_show_leaves_out_says_so
    assert_equal [ true, false, false ], [ 'show="0"', 'show="1"', "" ].map { |said| pptx_slide({ tree: "", said: said }).hidden }
    style = '<style:style style:name="dp1" style:family="drawing-page"><style:drawing-page-properties presentation:visibility="hidden"/></style:style>'
    assert_equal [ true, false ], [ 'draw:style-name="dp1"', "" ].map { |said| odp_slide("", styles: style, said: said).hidden }
  end

  def test_groups_in_groups_in_groups_end_where_they_end
    dots = shape(at: [ 0, 0, 9, 9 ], form: "ellipse", look: solid("000000")) * 2
    nested = (1..10).reduce(dots) { |inner, _| "<p:grpSp><p:nvGrpSpPr/><p:grpSpPr/>#{inner}#{shape(at: [ 0, 0, 9, 9 ], form: 'rect', look: solid('000000'))}</p:grpSp>" }
    *inside, outside = pptx_slide(nested + shape(at: [ 0, 0, 9, 9 ], form: "diamond", look: solid("000000"))).items
    assert_equal [ 8, 8, nil ], [ inside.first["groups"].size, inside.map { |item| item["groups"].size }.max, outside["groups"] ]
  end

  def test_pictures_come_cut_and_linked_and_what_cannot_be_read_is_told
    pictured = ->(id, more = "") { %(<p:pic><p:nvPicPr><p:cNvPr id="4" name="" descr="The causeway"><a:hlinkClick r:id="w"/></p:cNvPr><p:cNvPicPr/><p:nvPr>#{more}</p:nvPr></p:nvPicPr><p:blipFill><a:blip r:embed="#{id}"/><a:srcRect l="25000" b="50000"/></p:blipFill><p:spPr>#{place([ 96, 54, 96, 54 ])}</p:spPr></p:pic>) }
    chart = %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="127000" cy="127000"/></p:xfrm><a:graphic><a:graphicData uri="http://schemas.openxmlformats.org/drawingml/2006/chart"/></a:graphic></p:graphicFrame>)
    more = [ [ "i", "image", "../media/a.png" ], [ "w", "hyperlink", "https://gullpoint.example/tides", true ], [ "gone", "image", "../media/gone.png" ] ]
    slide = pptx_slide({ tree: pictured.("i") + pictured.("gone") + pictured.("i", '<a:videoFile r:link="v"/>') + pictured.("i", '<a:audioFile r:link="far"/>') + chart, more: [ *more, [ "v", "video", "../media/tide.mp4" ], [ "far", "audio", "https://gullpoint.example/horn.mp3", true ] ] }, parts: { "ppt/media/a.png" => PNG, "ppt/media/tide.mp4" => "film" })
    picture, video = slide.items
    assert_equal [ "picture", "ppt/media/a.png", "The causeway", [ 0.25, 0, 0.75, 0.5 ] ], picture.values_at("kind", "picture", "alt", "crop")
    assert_equal({ "to" => "address", "address" => "https://gullpoint.example/tides" }, picture["link"])
    assert_equal({ "ppt/media/a.png" => PNG }, slide.pictures)
    assert_equal [ "video", "ppt/media/tide.mp4", 160.0 ], video.values_at("kind", "asset", "x")
    assert_equal %w[chart picture sound], slide.missing.sort
  end

  def test_a_form_filled_with_a_picture_keeps_its_words
    slide = pptx_slide({ tree: shape(at: [ 0, 0, 200, 100 ], form: "rect", text: "The light", look: '<a:blipFill><a:blip r:embed="i"/></a:blipFill>'), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => PNG })
    assert_equal [ %w[picture text], 1 ], [ slide.items.map { |item| item["kind"] }, slide.items.map { |item| item["groups"] }.uniq.size ]
    gone = pptx_slide(shape(at: [ 0, 0, 200, 100 ], form: "rect", text: "The light", look: '<a:blipFill><a:blip r:embed="gone"/></a:blipFill>'))
    assert_equal [ %w[text], %w[picture] ], [ gone.items.map { |item| item["kind"] }, gone.missing ]
  end

  def test_a_film_that_is_not_there_is_the_picture_of_it
    film = %(<p:pic><p:nvPicPr><p:cNvPr id="4" name=""/><p:cNvPicPr/><p:nvPr><a:videoFile r:link="gone"/></p:nvPr></p:nvPicPr><p:blipFill><a:blip r:embed="i"/></p:blipFill><p:spPr>#{place([ 0, 0, 90, 90 ])}</p:spPr></p:pic>)
    slide = pptx_slide({ tree: film, more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => PNG })
    assert_equal [ %w[picture], %w[video] ], [ slide.items.map { |item| item["kind"] }, slide.missing ]
  end

  def test_a_ground_may_let_something_through
    ground = '<p:bg><p:bgPr><a:blipFill><a:blip r:embed="i">%s</a:blip></a:blipFill></p:bgPr></p:bg>'
    backdrop = ->(clear) { pptx_slide({ tree: "", bg: format(ground, clear), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => PNG }).then { |slide| slide.pictures[slide.backdrop] } }
    assert_match(/<image [^>]*opacity="0.3"/, backdrop.('<a:alphaModFix amt="30000"/>'))
    refute_match(/opacity/, backdrop.("").b)
  end

  def test_a_link_that_is_not_safe_opens_nothing
    linked = '<a:p><a:r><a:rPr><a:hlinkClick r:id="w"/></a:rPr><a:t>tide</a:t></a:r></a:p>'
    slide = pptx_slide({ tree: shape(at: [ 0, 0, 200, 50 ], paragraphs: linked), more: [ [ "w", "hyperlink", "javascript:alert(1)", true ] ] })
    assert_equal [ "tide", [] ], slide.items.first.values_at("text", "marks")
  end

  def test_what_leads_to_another_slide_opens_its_page
    button = ->(click) { %(<p:sp><p:nvSpPr><p:cNvPr id="2" name="">#{click}</p:cNvPr><p:cNvSpPr/><p:nvPr/></p:nvSpPr><p:spPr>#{place([ 0, 0, 90, 50 ])}<a:prstGeom prst="rect"><a:avLst/></a:prstGeom>#{solid("accent1")}</p:spPr></p:sp>) }
    jump = '<a:hlinkClick r:id="j" action="ppaction://hlinksldjump"/>'
    more = [ [ "j", "slide", "slide2.xml" ], [ "gone", "slide", "slide9.xml" ] ]
    leads = lambda do |click, number = 1|
      slides = Array.new(3) { { tree: button.(click), more: more } }
      on_slide(pptx(*slides), PPTX, number).map { |item| item["link"] }
    end
    assert_equal [ { "to" => "page", "page" => 3 } ], leads.(jump)
    steps = { "nextslide" => 3, "previousslide" => 1, "firstslide" => 1, "lastslide" => 3, "endshow" => nil }
    steps.each { |step, number| assert_equal [ number ], [ leads.(%(<a:hlinkClick r:id="" action="ppaction://hlinkshowjump?jump=#{step}"/>), 2).first&.fetch("page") ], step }
    assert_equal [ nil, nil ], [ leads.('<a:hlinkClick r:id="gone" action="ppaction://hlinksldjump"/>').first, leads.('<a:hlinkClick r:id="" action="ppaction://hlinkshowjump?jump=nextslide"/>', 3).first ], "there is no such slide"
    entry = ->(words, click) { %(<a:p><a:r><a:rPr>#{click}</a:rPr><a:t>#{words}</a:t></a:r></a:p>) }
    menu = shape(at: [ 0, 0, 300, 200 ], paragraphs: entry.("Ebb", jump) + entry.("Flood", '<a:hlinkClick r:id="first" action="ppaction://hlinksldjump"/>') + entry.("Slack", ""))
    slides = Array.new(3) { { tree: menu, more: [ *more, [ "first", "slide", "slide0.xml" ] ] } }
    entries = on_slide(pptx(*slides), PPTX, 2)
    assert_equal [ [ "Ebb", 3, [] ], [ "Flood", 1, [] ], [ "Slack", nil, [] ] ], entries.map { |item| [ item["text"], item["link"]&.fetch("page"), item["marks"] ] }, "each entry its own"
    assert_operator entries[0]["width"], :<, entries[2]["width"] / 4, "as wide as its words"
    assert_equal 1, entries.map { |item| item["x"].round }.uniq.size
  end

  def test_what_leads_to_another_page_of_opendocument_opens_it
    rect = ->(inner = "") { %(<draw:rect draw:style-name="gr1" svg:x="0pt" svg:y="0pt" svg:width="90pt" svg:height="50pt">#{inner}</draw:rect>) }
    filled = '<style:style style:name="gr1" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style>'
    click = ->(looks) { rect.(%(<office:event-listeners><presentation:event-listener script:event-name="dom:click" xmlns:script="urn:s" #{looks}/></office:event-listeners>)) }
    link = ->(drawn, number = 1) { on_slide(odp(drawn, drawn, styles: filled), ODP, number).first["link"]&.fetch("page") }
    assert_equal 2, link.(click.('presentation:action="show" xlink:href="#page2"'))
    assert_equal [ 2, 1 ], [ link.(click.('presentation:action="next-page"')), link.(click.('presentation:action="first-page"'), 2) ]
    assert_equal 2, link.(%(<draw:a xlink:href="#page2">#{rect.()}</draw:a>))
    assert_equal [ nil ] * 3, [ click.('presentation:action="show" xlink:href="#page7"'), click.('presentation:action="sound"'), %(<draw:a xlink:href="#">#{rect.()}</draw:a>) ].map { |drawn| link.(drawn) }
    after = %(<draw:a xlink:href="#page2">#{rect.()}</draw:a>) + rect.()
    assert_equal [ 2, nil ], on_slide(odp(after, "", styles: filled), ODP, 1).map { |item| item["link"]&.fetch("page") }, "what comes after it does not"
    words = '<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="50pt"><draw:text-box><text:p><text:a xlink:href="#page2">Flood</text:a></text:p></draw:text-box></draw:frame>'
    assert_equal [ 2, [] ], on_slide(odp(words, ""), ODP, 1).first.then { |item| [ item["link"]&.fetch("page"), item["marks"] ] }
  end

  def test_tables_become_tiles_that_stay_together
    cell = ->(text, more = "") { %(<a:tc #{more}><a:txBody><a:bodyPr/><a:p><a:r><a:rPr sz="1200"/><a:t>#{text}</a:t></a:r></a:p></a:txBody><a:tcPr/></a:tc>) }
    table = %(<a:tbl><a:tblPr firstRow="1" bandRow="1"><a:tableStyleId>{5C22544A-7EE6-4342-B048-85BDC9FD1C3A}</a:tableStyleId></a:tblPr><a:tblGrid><a:gridCol w="1270000"/><a:gridCol w="2540000"/></a:tblGrid><a:tr h="381000">#{cell.("Day", 'gridSpan="2"')}#{cell.("", 'hMerge="1"')}</a:tr><a:tr h="381000">#{cell.("Monday")}#{cell.("06:10")}</a:tr></a:tbl>)
    slide = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table">#{table}</a:graphicData></a:graphic></p:graphicFrame>))
    assert_equal %w[Day Monday 06:10], slide.items.map { |item| item["text"] }
    assert_equal [ "#9a3a61", "#ffffff", true, 501.67, "#ffffff", "top" ], slide.items.first.values_at("card", "colour", "bold", "width", "border", "vertical")
    assert_equal [ "#deced2", "#231a1e" ], slide.items.last.values_at("card", "colour")
    assert_equal [ 166.67, 335.0 ], slide.items.last.values_at("x", "width")
    assert_equal 1, slide.items.map { |item| item["groups"] }.uniq.size
  end

  def test_rows_are_as_high_as_their_words_where_nothing_more_is_said
    rows = ->(high) { %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="1270000" cy="3810000"/></p:xfrm><a:graphic><a:graphicData uri="table"><a:tbl><a:tblGrid><a:gridCol w="1270000"/></a:tblGrid>#{%w[Ebb Flow].map { |text| "<a:tr h=\"#{high}\"><a:tc><a:txBody><a:p><a:r><a:t>#{text}</a:t></a:r></a:p></a:txBody></a:tc></a:tr>" }.join}</a:tbl></a:graphicData></a:graphic></p:graphicFrame>) }
    heights = ->(high) { pptx_slide(rows.(high)).items.map { |item| item["height"] } }
    assert_equal [ true ] * 2, heights.(0).map { |high| high.between?(30, 60) }, "whatever the frame says"
    heights.(635_000).each { |high| assert_in_delta 50 * 1_600 / 960.0, high, 0.1 }
  end

  # Names of styles that no file says more of, with what the head and the first row of a table in them look like.
  def test_tables_look_as_the_style_says_that_they_only_name
    cell = ->(text) { "<a:tc><a:txBody><a:bodyPr/><a:p><a:r><a:t>#{text}</a:t></a:r></a:p></a:txBody><a:tcPr/></a:tc>" }
    table = ->(id) { %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="1270000" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table"><a:tbl><a:tblPr firstRow="1" bandRow="1"><a:tableStyleId>{#{id}}</a:tableStyleId></a:tblPr><a:tblGrid><a:gridCol w="635000"/><a:gridCol w="635000"/></a:tblGrid>#{%w[Day Mon Tue].map { |text| "<a:tr h=\"254000\">#{cell.(text) * 2}</a:tr>" }.join}</a:tbl></a:graphicData></a:graphic></p:graphicFrame>) }
    looks = ->(id) { pptx_slide(table.(id)).items.select { |item| item["kind"] == "tile" }.values_at(0, 2).flat_map { |item| item.values_at("card", "colour", "bold") } }
    own, pale, ink = "#9a3a61", "#efe8ea", "#000000"
    { "5C22544A-7EE6-4342-B048-85BDC9FD1C3A" => [ own, "#ffffff", true, "#deced2", ink, false ], "69012ECD-51FC-41F1-AA8D-1B2483CD663E" => [ own, "#ffffff", true, "none", ink, false ],
      "BC89EF96-8CEA-46FF-86C4-4CE0E7609802" => [ "none", own, true, pale, ink, false ], "3B4B98B0-60AC-42C2-AFA5-B58CD77FA1E5" => [ "none", ink, true, pale, ink, false ], "B301B821-A1FF-4177-AEE7-76D212191A09" => [ own, "#ffffff", true, pale, ink, false ],
      "69CF1AB2-1976-4502-BF36-3FF5EA218861" => [ pale, own, true, "#deced2", ink, false ], "6E25E649-3F16-4E02-A733-19D2CDBF48F0" => [ own, "#ffffff", true, pale, ink, false ] }.each { |id, found| assert_equal found, looks.(id).map { |value| value == Usher::Colour::INK ? ink : value }, id }
    lines = pptx_slide(table.("69012ECD-51FC-41F1-AA8D-1B2483CD663E")).items.select { |item| item["kind"] == "line" && item["width"] > item["height"] }.map { |item| item["y"].round }.uniq
    assert_equal 4, lines.size, "above and below, and under the head and the first row"
  end

  def test_a_table_has_no_lines_but_its_own_and_a_line_under_a_cell_is_one
    under = '<a:lnB w="12700"><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></a:lnB>'
    around = %w[L T R B].map { |side| %(<a:ln#{side}><a:solidFill><a:srgbClr val="1E6079"/></a:solidFill></a:ln#{side}>) }.join
    cells = [ "", under, around ].map { |lines| %(<a:tc><a:txBody><a:bodyPr/><a:p><a:r><a:t>Ebb <a:rPr/></a:t></a:r></a:p></a:txBody><a:tcPr anchor="b">#{lines}</a:tcPr></a:tc>) }
    table = %(<a:tbl><a:tblGrid>#{'<a:gridCol w="1270000"/>' * 3}</a:tblGrid><a:tr h="762000">#{cells.join}</a:tr></a:tbl>)
    slide = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table">#{table}</a:graphicData></a:graphic></p:graphicFrame>))
    assert_equal [ "none", "none", "#1e6079" ], slide.items.first(3).map { |item| item["border"] }
    assert_equal %w[bottom none], slide.items.first.values_at("vertical", "card")
    assert_equal [ [ "line", "#b3411d", 166.67, 1.67 ] ], slide.items.drop(3).map { |item| [ item["kind"], item["stroke"], item["width"].round(2), item["stroke_width"] ] }
  end

  def test_lines_of_a_table_are_as_broad_as_it_says
    lines = ->(breadth) { %w[L T R B].map { |side| %(<a:ln#{side} w="#{breadth}"><a:solidFill><a:srgbClr val="1E6079"/></a:solidFill></a:ln#{side}>) }.join }
    cells = [ 0, 25_400, 9_999_999 ].map { |breadth| %(<a:tc><a:txBody><a:bodyPr/><a:p/></a:txBody><a:tcPr>#{lines.(breadth)}</a:tcPr></a:tc>) }
    table = %(<a:tbl><a:tblGrid>#{'<a:gridCol w="1270000"/>' * 3}</a:tblGrid><a:tr h="762000">#{cells.join}</a:tr></a:tbl>)
    slide = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table">#{table}</a:graphicData></a:graphic></p:graphicFrame>))
    assert_equal [ 0.75, 3.33, 60 ], slide.items.map { |item| item["border_width"] }
    thin = table.sub('<a:gridCol w="1270000"/>' * 3, '<a:gridCol w="1270000"/><a:gridCol w="10"/><a:gridCol w="10"/>').sub(lines.(25_400), "")
    narrow = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="100" cy="762000"/></p:xfrm><a:graphic><a:graphicData uri="table">#{thin}</a:graphicData></a:graphic></p:graphicFrame>))
    assert_equal 3, narrow.items.size, "a column narrower than the line beside it"
    drawn = ->(item) { Usher::Items.build(item.merge("id" => "t")).draw }
    assert_includes drawn.(slide.items[1]), 'stroke-width="3.33"'
    sides = Usher::Formats::Slides::OpenDocument::Grid.allocate
    assert_equal [ [ "#1e6079", 0.5 ], [ "#b3411d", 2.835 ], [ "#000000", 1 ], nil ], [ "0.5pt solid #1e6079", "#b3411d 1mm solid", "solid #000000", "none" ].map { |said| sides.send(:line, said)&.then { |line| [ line.colour, line.breadth.round(3) ] } }
  end

  def test_cells_have_the_margins_they_say_and_leave_the_lines_of_their_neighbours
    cell = ->(own) { %(<a:tc><a:txBody><a:bodyPr lIns="0" tIns="0"/><a:p><a:r><a:t>Ebb</a:t></a:r></a:p></a:txBody>#{own}</a:tc>) }
    around = %w[L T R B].map { |side| %(<a:ln#{side}><a:solidFill><a:srgbClr val="1E6079"/></a:solidFill></a:ln#{side}>) }.join
    rows = [ %(<a:tcPr>#{around}</a:tcPr>), '<a:tcPr marL="127000" marT="0" marR="127000" marB="0"/>' ].map { |own| %(<a:tr h="762000">#{cell.(own)}</a:tr>) }.join
    first, second = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="1524000"/></p:xfrm><a:graphic><a:graphicData uri="table"><a:tbl><a:tblGrid><a:gridCol w="3810000"/></a:tblGrid>#{rows}</a:tbl></a:graphicData></a:graphic></p:graphicFrame>)).items
    point = 1600 / 960.0
    [ [ 12, 6 ], [ 10 * point, 0 ] ].flatten.zip(first["padding"] + second["padding"]) { |said, found| assert_in_delta said, found, 0.8 } # less what letters are measured too wide
    assert_in_delta first["y"] + first["height"], second["y"], 0.01
  end

  def test_a_table_whose_style_is_in_the_file
    line = ->(side, colour) { %(<a:#{side}><a:ln><a:solidFill><a:srgbClr val="#{colour}"/></a:solidFill></a:ln></a:#{side}>) }
    styles = %(<a:tblStyleLst #{Decks::XML}><a:tblStyle styleId="{A}"><a:wholeTbl><a:tcStyle><a:tcBdr>#{line.("insideH", "1D7758")}#{line.("bottom", "231A1E")}</a:tcBdr></a:tcStyle></a:wholeTbl><a:lastRow><a:tcTxStyle b="on"/></a:lastRow></a:tblStyle></a:tblStyleLst>)
    root = Nokogiri::XML(styles).root
    table = ->(id) { Nokogiri::XML(%(<a:tbl #{Decks::XML}><a:tblPr lastRow="1"><a:tableStyleId>#{id}</a:tableStyleId></a:tblPr></a:tbl>)).root }
    inks = Usher::Formats::Slides::OpenXml::Inks.allocate
    style = Usher::Formats::Slides::OpenXml::TableStyle.new(root, table.("{A}"), inks, rows: 2, columns: 1)
    assert_equal [ [ nil, "#1d7758", nil ], [ "#1d7758", "#231a1e", nil ] ], [ 0, 1 ].map { |row| %w[top bottom left].map { |side| style.line(side, row, 0)&.first } }
    assert_equal [ false, true ], [ 0, 1 ].map { |row| style.bold?(row, 0) }
    assert_nil Usher::Formats::Slides::OpenXml::TableStyle.new(root, table.("{B}"), inks, rows: 2, columns: 1).fill(0, 0)
  end

  def test_words_of_a_cell_that_stand_differently_lie_over_it
    entry = ->(text, look) { %(<a:p><a:pPr #{look}><a:buChar char="•"/></a:pPr><a:r><a:t>#{text}</a:t></a:r></a:p>) }
    cell = lambda do |paragraphs, rows: 1|
      row = %(<a:tr h="254000"><a:tc><a:txBody><a:bodyPr/>#{paragraphs}</a:txBody><a:tcPr marL="127000" marT="0" marB="0"/></a:tc></a:tr>)
      pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="4" name=""/></p:nvGraphicFramePr><p:xfrm><a:off x="0" y="0"/><a:ext cx="6096000" cy="254000"/></p:xfrm><a:graphic><a:graphicData uri="t"><a:tbl><a:tblPr/><a:tblGrid><a:gridCol w="6096000"/></a:tblGrid>#{row * rows}</a:tbl></a:graphicData></a:graphic></p:graphicFrame>)).items
    end
    outer, inner = entry.("Boats", 'marL="254000" indent="-254000"'), entry.("Ropes", 'marL="635000" indent="-254000"')
    tile, *texts = cell.(outer + inner + entry.("Sails", 'marL="254000" indent="-254000"')).reject { |item| item["kind"] == "line" }
    assert_equal [ "tile", "", %w[Boats Ropes Sails] ], [ tile["kind"], tile["text"], texts.map { |text| text["text"] } ]
    assert_in_delta 30 * 1_600 / 960.0, texts[1]["x"] - texts[0]["x"], 1
    assert_in_delta 10 * 1_600 / 960.0, texts[0]["x"], 1, "the cell's own margin"
    assert_operator tile["height"], :>, 2.9 * texts[0]["height"], "the row has room for all"
    assert_equal [ "Boats\nSails" ], cell.(outer + entry.("Sails", 'marL="254000" indent="-254000"')).filter_map { |item| item["text"] }, "those that stand alike are one text"
    assert_equal [ "Quay\nBoats" ], cell.('<a:p><a:r><a:t>Quay</a:t></a:r></a:p>' + outer).filter_map { |item| item["text"] }
    assert_equal 2, cell.(outer + inner, rows: 2).count { |item| item["text"] == "Ropes" }
  end

  def test_words_of_a_cell_may_run_up_or_down
    cell = ->(way) { "<a:tc><a:txBody><a:bodyPr/><a:p><a:r><a:t>Lighthouse</a:t></a:r></a:p></a:txBody><a:tcPr #{%(vert="#{way}") if way}/></a:tc>" }
    table = %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="2540000" cy="127000"/></p:xfrm><a:graphic><a:graphicData><a:tbl><a:tblGrid><a:gridCol w="1270000"/><a:gridCol w="1270000"/></a:tblGrid><a:tr h="127000">#{cell.("vert270")}#{cell.(nil)}</a:tr></a:tbl></a:graphicData></a:graphic></p:graphicFrame>)
    items = pptx_slide(table).items
    turned = items.find { |item| item["kind"] == "text" }
    assert_equal [ [ "", "Lighthouse" ], [ "Lighthouse", 270.0 ] ], [ items.select { |item| item["kind"] == "tile" }.map { |item| item["text"] }, turned.values_at("text", "angle") ]
    assert_operator items.first["height"], :>, 60, "as high as the word is long"
  end

  def test_a_table_style_refers_to_the_theme
    refer = ->(name, index, colour) { %(<a:#{name} idx="#{index}"><a:srgbClr val="#{colour}"/></a:#{name}>) }
    parts = %(<a:tblBg>#{refer.("fillRef", 2, "F7DFA6")}</a:tblBg><a:wholeTbl><a:tcStyle><a:tcBdr><a:left>#{refer.("lnRef", 1, "1D7758")}</a:left><a:right>#{refer.("lnRef", 0, "1D7758")}</a:right><a:top><a:ln w="50800"><a:solidFill><a:srgbClr val="231A1E"/></a:solidFill></a:ln></a:top></a:tcBdr><a:fill><a:noFill/></a:fill></a:tcStyle></a:wholeTbl><a:firstRow><a:tcStyle>#{refer.("fillRef", 1, "1E6079")}</a:tcStyle></a:firstRow>)
    root = Nokogiri::XML(%(<a:tblStyleLst #{Decks::XML}><a:tblStyle styleId="{A}">#{parts}</a:tblStyle></a:tblStyleLst>)).root
    table = Nokogiri::XML(%(<a:tbl #{Decks::XML}><a:tblPr firstRow="1"><a:tableStyleId>{A}</a:tableStyleId></a:tblPr></a:tbl>)).root
    style = Usher::Formats::Slides::OpenXml::TableStyle.new(root, table, Usher::Formats::Slides::OpenXml::Inks.allocate, rows: 2, columns: 1)
    assert_equal %w[#1e6079 #f7dfa6], [ style.fill(0, 0), style.fill(1, 0) ]
    assert_equal [ [ "#1d7758", 0.75 ], [ "none", 0.75 ], [ "#231a1e", 4.0 ], nil ], %w[left right top bottom].map { |side| style.line(side, 0, 0) }
  end

  def test_words_keep_what_is_under_through_and_behind_them_and_their_sizes_and_distances
    run = ->(text, look, inner = "") { %(<a:r><a:rPr #{look}>#{inner}</a:rPr><a:t>#{text}</a:t></a:r>) }
    first = %(<a:p><a:pPr><a:lnSpc><a:spcPct val="150000"/></a:lnSpc><a:spcAft><a:spcPts val="600"/></a:spcAft></a:pPr>#{run.("Ebb tide at ", 'sz="2000"')}#{run.("six", 'sz="2000" u="sng"')}#{run.("seven", 'sz="2000" u="none" strike="sngStrike"')}#{run.("big", 'sz="4000"')}#{run.("lit", 'sz="2000"', '<a:highlight><a:srgbClr val="F7DFA6"/></a:highlight>')}</a:p>)
    second = %(<a:p><a:pPr><a:lnSpc><a:spcPct val="150000"/></a:lnSpc></a:pPr>#{run.("and flood", 'sz="2000" strike="noStrike"')}</a:p>)
    text = pptx_slide(shape(at: [ 0, 0, 500, 300 ], paragraphs: first + second)).items.first
    assert_equal [ [ "six", { "underline" => true } ], [ "seven", { "strike" => true } ], [ "big", { "scale" => 2.0 } ], [ "lit", { "highlight" => "#f7dfa6" } ] ], text["marks"].map { |mark| [ text["text"][mark["from"]...mark["to"]], mark.except("from", "to") ] }
    assert_equal [ 1.8, 0.3 ], text.values_at("leading", "gap")
    wide = pptx_slide(shape(at: [ 0, 0, 500, 300 ], paragraphs: "<a:p>#{run.('wide', 'sz="2000" spc="300"')}</a:p>")).items.first
    assert_equal 0.15, wide["tracking"]
    styles = '<style:style style:name="P" style:family="paragraph"><style:paragraph-properties fo:line-height="90%" fo:margin-top="10pt"/><style:text-properties fo:font-size="20pt"/></style:style><style:style style:name="T" style:family="text"><style:text-properties style:text-underline-style="solid" style:text-line-through-type="single" fo:background-color="#d9eee3" fo:font-size="10pt"/></style:style>'
    odp = odp_slide('<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="90pt"><draw:text-box><text:p text:style-name="P">Ebb and <text:span text:style-name="T">six</text:span></text:p><text:p text:style-name="P">flood</text:p></draw:text-box></draw:frame>', styles: styles).items.first
    assert_equal [ { "from" => 8, "to" => 11, "underline" => true, "strike" => true, "highlight" => "#d9eee3", "scale" => 0.5 } ], odp["marks"]
    assert_equal [ 1.08, 0.5 ], odp.values_at("leading", "gap")
  end

  def test_paragraphs_begin_where_the_file_says
    at = ->(look, inner = "") { pptx_slide(shape(at: [ 0, 0, 500, 300 ], paragraphs: %(<a:p><a:pPr #{look}>#{inner}</a:pPr><a:r><a:rPr sz="1000"/><a:t>Ebb</a:t></a:r></a:p>))).items.first["x"] * 0.6 - 7.2 }
    assert_in_delta 0, at.(""), 0.1
    assert_in_delta 72, at.('marL="914400"'), 0.1
    assert_in_delta 36, at.('marL="914400" indent="-457200"'), 0.1
    assert_in_delta 36, at.('marL="914400" indent="-457200"', '<a:buChar char="•"/>'), 0.1
    hang = ->(look) { pptx_slide(shape(at: [ 0, 0, 500, 300 ], paragraphs: %(<a:p><a:pPr #{look}><a:buChar char="•"/></a:pPr><a:r><a:rPr sz="2400"/><a:t>Ebb</a:t></a:r></a:p>))).items.first["hang"] }
    assert_equal [ 0.75, 1.5, nil ], [ hang.('marL="228600" indent="-228600"'), hang.('marL="457200" indent="-457200"') || 1.5, hang.("") ]
    assert_in_delta 36, at.('lvl="2"'), 0.1
  end

  def test_paragraphs_and_entries_of_opendocument_begin_where_the_file_says
    level = ->(place) { %(<text:list-style style:name="L"><text:list-level-style-bullet text:level="1" text:bullet-char="-">#{place}</text:list-level-style-bullet></text:list-style>) }
    styles = '<style:style style:name="P" style:family="paragraph"><style:paragraph-properties fo:margin-left="40pt" fo:text-indent="-10pt"/><style:text-properties fo:font-size="10pt"/></style:style>'
    at = lambda do |place, words = '<text:list text:style-name="L"><text:list-item><text:p text:style-name="P">Ebb</text:p></text:list-item></text:list>'|
      odp_slide("<draw:frame svg:x=\"0pt\" svg:y=\"0pt\" svg:width=\"300pt\" svg:height=\"90pt\"><draw:text-box>#{words}</draw:text-box></draw:frame>", styles: styles + level.(place)).items.first["x"] / 4 - 7.1
    end
    assert_in_delta 30, at.("", '<text:p text:style-name="P">Ebb</text:p>'), 0.1
    assert_in_delta 0, at.(""), 0.1
    assert_in_delta 20, at.('<style:list-level-properties text:space-before="20pt" text:min-label-width="30pt"/>'), 0.1
    assert_in_delta 45, at.('<style:list-level-properties><style:list-level-label-alignment fo:margin-left="60pt" fo:text-indent="-15pt"/></style:list-level-properties>'), 0.1
    assert_in_delta 0, at.('<style:list-level-properties text:min-label-width="5pt"/>'), 0.1
  end

  def test_a_break_in_an_entry_stays_under_its_words
    entry = '<a:p><a:pPr><a:buChar char="-"/></a:pPr><a:r><a:t>Ebb</a:t></a:r><a:br/><a:r><a:t>goes out</a:t></a:r></a:p>'
    assert_equal [ "Ebb\ngoes out", %w[dashes under] ], pptx_slide(shape(at: [ 0, 0, 300, 90 ], paragraphs: entry)).items.first.values_at("text", "lists")
  end

  def test_freely_drawn_forms_and_connectors
    path = '<a:custGeom><a:pathLst><a:path w="100" h="100"><a:moveTo><a:pt x="0" y="0"/></a:moveTo><a:lnTo><a:pt x="100" y="0"/></a:lnTo><a:cubicBezTo><a:pt x="100" y="50"/><a:pt x="50" y="100"/><a:pt x="0" y="100"/></a:cubicBezTo>%s</a:path></a:pathLst></a:custGeom>'
    line = '<a:ln w="12700"><a:solidFill><a:srgbClr val="000000"/></a:solidFill></a:ln>'
    holed = format(path, '<a:close/><a:moveTo><a:pt x="20" y="20"/></a:moveTo><a:lnTo><a:pt x="40" y="20"/></a:lnTo><a:lnTo><a:pt x="40" y="40"/></a:lnTo><a:close/>')
    slide = pptx_slide(shape(at: [ 96, 54, 96, 54 ], look: holed + solid("f7dfa6")))
    assert_equal [ "picture", 160.0, 2 ], [ *slide.items.first.values_at("kind", "x"), slide.pictures.values.first[/d="([^"]*)"/, 1].count("M") ]
    assert_equal 160.0, Usher::Formats::Svg::Reader.read(slide.pictures.values.first).width
    closed, open, *steps = pptx_slide(shape(at: [ 96, 54, 96, 54 ], look: format(path, "<a:close/>") + solid("f7dfa6")) + shape(at: [ 96, 54, 96, 54 ], look: "#{format(path, '')}<a:noFill/>#{line}") + shape(at: [ 0, 0, 96, 96 ], form: "bentConnector3", look: line)).items
    assert_equal [ "polygon", 22, 160.0, 90.0, 160.0, 90.0 ], [ closed["kind"], closed["corners"].size, *closed.values_at("x", "y", "width", "height") ]
    assert_equal [ "ink", 160.0, 90.0 ], open.values_at("kind", "x", "width").then { |kind, x, _| [ kind, x, open["y"] ] }
    assert_equal [ %w[line line line], 1 ], [ steps.map { |step| step["kind"] }, steps.map { |step| step["groups"] }.uniq.size ]
    assert_equal [ [ 0.0, 0.0 ], [ 80.0, 0.0 ], [ 80.0, 160.0 ] ], steps.map { |step| step.values_at("x", "y") }
    corner = pptx_slide(shape(at: [ 0, 0, 96, 96 ], form: "bentConnector2", look: line)).items
    assert_equal [ [ 0.0, 0.0 ], [ 160.0, 0.0 ] ], corner.map { |step| step.values_at("x", "y") }
  end

  def test_what_is_looked_at_from_aside_is_turned
    angle = ->(frame, rev) { pptx_slide(shape(at: [ 0, 0, 96, 54 ], form: "rect", frame: frame, look: %(#{solid("f7dfa6")}<a:scene3d><a:camera prst="orthographicFront"><a:rot lat="0" lon="0" rev="#{rev}"/></a:camera></a:scene3d>))).items.first["angle"].to_f % 360 }
    assert_equal [ 270, 330, 0 ], [ angle.("", 5_400_000), angle.('rot="3600000"', 5_400_000), angle.("", 0) ].map(&:round)
  end

  def test_curves_of_path_data_go_on_smoothly
    outline = Usher::Formats::Slides::Outline.read("M0 0C0 10 10 10 10 0S20-10 20 0t10 0")
    way = outline.parts.first.points
    assert_equal [ [ 10, 0 ], [ 20, 0 ], [ 30, 0 ] ], (1..3).map { |index| way[index * outline.class::STEPS].map(&:round) }
    (1..2).each { |knot| assert_in_delta 0, turn_at(way, knot * outline.class::STEPS), 25, "no corner between two curves" }
  end

  def test_what_lies_on_the_master_lies_behind_and_stays
    ground = %(<p:bg><p:bgPr>#{solid("bg2")}</p:bgPr></p:bg>)
    slide = pptx_slide({ tree: shape(at: [ 0, 0, 96, 54 ], form: "ellipse", look: solid("000000")), bg: ground }, master: shape(at: [ 0, 500, 960, 40 ], form: "rect", look: solid("tx2")) + shape(at: [ 0, 0, 9, 9 ], ph: 'type="body"', text: "never seen"))
    assert_equal [ %w[rectangle all], [ "ellipse", nil ] ], slide.items.map { |item| item.values_at("kind", "pinned") }
    assert_equal "#f7dfa6", slide.colour
    chart = %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="9" cy="9"/></p:xfrm><a:graphic><a:graphicData uri="/chart"/></a:graphic></p:graphicFrame>)
    assert_equal [ [], %w[chart] ], [ pptx_slide("", master: chart).missing, pptx_slide(chart).missing ], "not told of for each slide"
  end

  def test_parts_are_copied_whole_and_only_where_they_are
    opened(Decks.pptx("", parts: { "ppt/media/tide.mp4" => "f" * 70_000 }), PPTX) do |reader|
      copy = StringIO.new
      assert_equal [ true, 70_000, false ], [ reader.copy("ppt/media/tide.mp4", copy), copy.string.bytesize, reader.copy("ppt/media/gone.mp4", copy) ]
    end
  end

  def test_notes
    slide = pptx_slide({ tree: "", notes: "Ask who has seen it." })
    assert_equal "Ask who has seen it.", slide.notes
  end

  def test_a_sketch_shows_a_slide_with_the_pictures_that_can_be_shown
    framed = ->(id, at) { %(<p:pic><p:nvPicPr><p:cNvPr id="4" name=""/><p:nvPr/></p:nvPicPr><p:blipFill><a:blip r:embed="#{id}"/></p:blipFill><p:spPr>#{place(at)}</p:spPr></p:pic>) }
    evil = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>x</script><rect width="9" height="9" fill="#1d7758"/></svg>'
    more = { "a" => PNG, "b" => "EMF", "c" => evil }.keys.map { |name| [ name, "image", "../media/#{name}" ] }
    slide = pptx_slide({ tree: framed.("a", [ 0, 0, 480, 270 ]) + framed.("b", [ 480, 0, 480, 270 ]) + framed.("c", [ 0, 270, 480, 270 ]), bg: "<p:bg><p:bgPr>#{solid("1e6079")}</p:bgPr></p:bg>", more: more }, parts: { "ppt/media/a" => PNG, "ppt/media/b" => "EMF", "ppt/media/c" => evil })
    sketch = Usher::Formats::Slides::Sketch.new(slide)
    assert_equal [ 320, 180 ], Usher::Formats::Raster.size(sketch.png(width: 320))
    drawn = sketch.send(:drawings).join
    assert_equal 2, drawn.scan("<image").size
    huge = "\x89PNG\r\n\x1A\n\0\0\0\rIHDR".b + [ 6_000, 6_000 ].pack("NN")
    slide = pptx_slide({ tree: framed.("a", [ 0, 0, 480, 270 ]), more: more }, parts: { "ppt/media/a" => huge })
    refute_includes Usher::Formats::Slides::Sketch.new(slide).send(:drawings).join, "<image"
  end

  def test_letters_above_and_below_the_line
    chemistry = '<a:p><a:r><a:t>H</a:t></a:r><a:r><a:rPr baseline="-25000"/><a:t>2</a:t></a:r><a:r><a:t>O on the 1</a:t></a:r><a:r><a:rPr baseline="30000"/><a:t>st</a:t></a:r><a:r><a:rPr baseline="0"/><a:t>.</a:t></a:r></a:p>'
    assert_equal [ "H2O on the 1st.", [ [ "2", "sub" ], [ "st", "super" ] ] ], shifted(pptx_slide(shape(at: [ 0, 0, 300, 50 ], paragraphs: chemistry)))
    [ [ "super 58%", "super" ], [ "sub 58%", "sub" ], [ "33% 58%", "super" ], [ "-8% 58%", "sub" ] ].each do |position, shift|
      styles = %(<style:style style:name="T1" style:family="text"><style:text-properties style:text-position="#{position}"/></style:style>)
      slide = odp_slide('<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:p>m<text:span text:style-name="T1">2</text:span></text:p></draw:text-box></draw:frame>', styles: styles)
      assert_equal [ "m2", [ [ "2", shift ] ] ], shifted(slide), position
    end
  end

  def shifted(slide) = slide.items.first.then { |one| [ one["text"], one["marks"].map { |mark| [ one["text"][mark["from"]...mark["to"]], mark["shift"] ] } ] }

  def test_the_face_that_stands_for_one_a_slide_names
    fonts = Usher::Formats::Slides::Fonts
    { nil => "read", " " => "read", "Liberation Sans" => "plain", "Arial" => "plain", "MS Sans Serif" => "plain", "Tahoma" => "plain", "FreeSans" => "plain", "Century Gothic" => "broad", "Arial Black" => "broad", "Open Sans" => "broad", "Nobody Knows" => "broad", "Rockwell" => "book", "Verdana" => "broad", "DejaVu Sans" => "broad", "Bitstream Vera Sans" => "broad", "Calibri Light" => "slim", "Carlito" => "slim", "Arial Narrow" => "narrow", "Helvetica Neue Condensed" => "narrow", "PT Sans Narrow" => "broad", "Times New Roman" => "book", "DejaVu Serif" => "tome", "Bitstream Vera Serif" => "tome", "DejaVu Sans Mono" => "code", "Century Schoolbook" => "fine", "Palatino Linotype" => "fine", "Book Antiqua" => "fine", "Bookman Old Style" => "tome",
      "Courier New" => "code", "Noto Sans Mono" => "code", "Comic Neue" => "hand", "Andika" => "hand" }.each { |name, font| assert_equal font, fonts.of(name).font, name.inspect }
    assert_equal %w[book code code broad], [ { generic: "roman" }, { generic: "modern" }, { pitch: "fixed" }, { generic: "swiss" } ].map { |more| fonts.of("Nobody Knows", **more).font }
    assert_equal "plain", fonts.of("Liberation Sans", generic: "roman").font, "the name says more"
    assert_equal [ 1.0, 1.12, 1.16, 1.13, 1.2 ], [ "Nimbus Sans L", "Arial", "DejaVu Sans Mono", "Courier New", nil ].map { |name| fonts.of(name).line }
  end

  def test_lines_are_as_far_apart_and_as_high_as_those_of_the_face_named
    words = lambda do |*faces, looks: ""|
      runs = faces.each_with_index.map { |face, index| [ %(<text:span text:style-name="T#{index}">ebb tide</text:span>), %(<style:style style:name="T#{index}" style:family="text"><style:text-properties fo:font-family="#{face}" fo:font-size="20pt"/></style:style>) ] }
      odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="300pt" svg:height="90pt"><draw:text-box><text:p text:style-name="P">#{runs.map(&:first).join}</text:p></draw:text-box></draw:frame>), styles: %(<style:style style:name="P" style:family="paragraph"><style:paragraph-properties #{looks}/></style:style>#{runs.map(&:last).join})).items.first
    end
    baseline = ->(item) { item["y"] / item["size"] + Usher::Text::Layout.baseline(item["leading"]) }
    named, usual, mixed = words.("Nimbus Sans"), words.("Arial"), words.("Arial", "DejaVu Sans Mono")
    assert_equal [ 1.0, 1.12, 1.16 ], [ named, usual, mixed ].map { |item| item["leading"] }
    assert_in_delta 0.905 - 0.73, baseline.(usual) - baseline.(named), 0.01
    wide, close = [ 150, 80 ].map { |share| words.("Arial", looks: %(fo:line-height="#{share}%")) }
    assert_in_delta 1.12 / 2, baseline.(wide) - baseline.(usual), 0.01, "what is more is above the letters"
    assert_in_delta 0.8 * 0.8 * 1.12 - 0.905, baseline.(close) - baseline.(usual), 0.01
  end

  def test_open_xml_has_lines_as_far_apart_in_every_face_but_not_in_tables
    words = ->(face) { pptx_slide(shape(at: [ 0, 0, 300, 100 ], paragraphs: %(<a:p><a:r><a:rPr sz="2000"><a:latin typeface="#{face}"/></a:rPr><a:t>ebb</a:t></a:r></a:p>))).items.first }
    assert_equal words.("Arial").values_at("y", "leading"), words.("Nimbus Sans").values_at("y", "leading")
    assert_equal 1.2, words.("Courier New")["leading"]
  end

  def test_a_line_without_breadth_is_as_thin_as_can_be_seen
    line = ->(breadth) { pptx_slide(shape(at: [ 0, 0, 96, 54 ], form: "line", look: %(<a:ln w="#{breadth}"><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></a:ln>))).items.first["stroke_width"] }
    assert_equal [ line.(9_525), 1.25 ], [ line.(0), line.(0) ].map { |n| n.round(2) }
  end

  def test_words_keep_the_kind_of_face_they_were_written_in
    typed = '<a:p><a:r><a:rPr><a:latin typeface="Courier New"/></a:rPr><a:t>ebb</a:t></a:r></a:p><a:p><a:r><a:rPr><a:latin typeface="Georgia"/></a:rPr><a:t>flood</a:t></a:r></a:p>'
    assert_equal [ [ "code", 1.2 ], [ "tome", 1.2 ] ], pptx_slide(shape(at: [ 0, 0, 300, 100 ], paragraphs: typed)).items.map { |item| item.values_at("font", "leading") }
    styles = '<style:style style:name="T1" style:family="text"><style:text-properties style:font-name="F1"/></style:style><style:style style:name="T2" style:family="text"><style:text-properties fo:font-family="Arial"/></style:style>'
    frame = ->(style) { odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:p><text:span text:style-name="#{style}">ebb</text:span></text:p></draw:text-box></draw:frame>), styles: styles, fonts: '<style:font-face style:name="F1" svg:font-family="Harbour" style:font-family-generic="roman"/>').items.first["font"] }
    assert_equal %w[book plain], %w[T1 T2].map(&frame)
  end

  def test_what_lets_something_through_has_an_outline_that_does_not
    clear = '<a:solidFill><a:srgbClr val="F7DFA6"><a:alpha val="40000"/></a:srgbClr></a:solidFill>'
    line = '<a:ln w="25400"><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></a:ln>'
    looks = ->(**more) { pptx_slide(shape(at: [ 0, 0, 300, 100 ], **more)).items.map { |item| item.values_at("kind", "fill", "stroke", "opacity") } }
    assert_equal [ [ "ellipse", "#f7dfa6", "none", 0.4 ], [ "ellipse", "none", "#b3411d", 1 ] ], looks.(form: "ellipse", look: clear + line)
    assert_equal [ [ "ellipse", "#f7dfa6", "none", 0.4 ] ], looks.(form: "ellipse", look: "#{clear}<a:ln><a:noFill/></a:ln>")
    groups = pptx_slide(shape(at: [ 0, 0, 300, 100 ], form: "ellipse", look: clear + line)).items.map { |item| item["groups"] }
    assert_equal [ 1, true ], [ groups.uniq.size, groups.first.any? ]
    styles = '<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="none" draw:opacity="50%" draw:stroke="solid" svg:stroke-width="0cm" svg:stroke-color="#b3411d"/></style:style>'
    bare = odp_slide('<draw:rect draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt"/>', styles: styles).items.first
    assert_equal [ 1, true ], [ bare.fetch("opacity", 1), bare["stroke_width"] > 1 ], "a line of no breadth is a fine one"
  end

  def test_a_table_looks_as_its_template_says
    cell = ->(name, colour) { %(<style:style style:name="#{name}" style:family="table-cell" style:parent-style-name="all"><style:graphic-properties draw:fill="solid" draw:fill-color="#{colour}"/></style:style>) }
    common = '<style:style style:name="all" style:family="table-cell"><style:text-properties fo:font-size="12pt"/></style:style>' + cell.("head", "#1e6079") + cell.("odd", "#d5e8ef") + cell.("plain", "#ffffff") +
             '<table:table-template table:name="T"><table:first-row table:style-name="head"/><table:last-column table:style-name="head"/><table:odd-rows table:style-name="odd"/><table:body table:style-name="plain"/></table:table-template>'
    row = "<table:table-row>#{'<table:table-cell><text:p>1</text:p></table:table-cell>' * 2}</table:table-row>"
    drawn = ->(uses) { odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="90pt"><table:table table:template-name="T" #{uses}><table:table-column/><table:table-column/>#{row * 3}</table:table></draw:frame>), common: common).items.select { |item| item["kind"] == "tile" } }
    fills = ->(uses) { drawn.(uses).map { |tile| tile["card"] } }
    assert_equal %w[#1e6079 #1e6079 #d5e8ef #d5e8ef #ffffff #ffffff], fills.('table:use-first-row-styles="true" table:use-banding-rows-styles="true"')
    assert_equal %w[#ffffff #1e6079] * 3, fills.('table:use-last-column-styles="true"')
    assert_equal [ 12 * 4.0 ], drawn.("").map { |tile| tile["size"] }.uniq
  end

  def test_a_picture_keeps_the_line_around_it
    framed = ->(stroke) { odp_slide('<draw:frame draw:style-name="F" svg:x="0pt" svg:y="0pt" svg:width="90pt" svg:height="90pt"><draw:image xlink:href="Pictures/a.png"/></draw:frame>', styles: %(<style:style style:name="F" style:family="graphic"><style:graphic-properties draw:stroke="#{stroke}" svg:stroke-width="2pt" svg:stroke-color="#1e6079"/></style:style>), parts: { "Pictures/a.png" => PNG }).items.first }
    assert_equal [ "#1e6079", 8.0 ], framed.("solid").values_at("stroke", "stroke_width")
    assert_equal "none", framed.("none").fetch("stroke", "none")
  end

  def test_a_table_is_as_high_as_its_frame
    styles = '<style:style style:name="R" style:family="table-row"><style:table-row-properties style:row-height="40pt"/></style:style>'
    row = ->(words) { %(<table:table-row table:style-name="R"><table:table-cell><text:p>#{words}</text:p></table:table-cell></table:table-row>) }
    places = ->(height, *words) { odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="60pt" svg:height="#{height}pt"><table:table><table:table-column/>#{words.map(&row).join}</table:table></draw:frame>), styles: styles).items.map { |tile| (tile["y"] / 4).round } }
    assert_equal [ 0, 40, 80 ], places.(120, "a", "b", "c")
    assert_equal [ 0, 60, 120 ], places.(180, "a", "b", "c"), "all grow"
    high = places.(150, "the tide table of the harbour", "b", "c")
    assert_operator high[2] - high[1], :<, 40, "a row with room to spare gives it to the one that needs it"
    assert_operator places.(40, "the tide table of the harbour", "b", "c")[1], :>=, high[1] - 1, "but none is lower than its words"
  end

  def test_an_empty_cell_is_as_high_as_it_says
    styles = '<style:default-style style:family="graphic"><style:text-properties fo:font-size="60pt"/></style:default-style><style:style style:name="C" style:family="table-cell"><style:graphic-properties fo:padding="0pt"/><style:text-properties SIZE/></style:style>'
    row = '<table:table-row><table:table-cell table:style-name="C"/></table:table-row>'
    sizes = [ 'fo:font-size="30pt"', "" ].map { |size| odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="60pt" svg:height="10pt"><table:table><table:table-column/>#{row}</table:table></draw:frame>), styles: styles.sub("SIZE", size)).items.first["size"] }
    assert_equal [ 120.0, 72.0 ], sizes, "in the usual size where it says none"
    cell = ->(size) { %(<a:tr h="12700"><a:tc><a:txBody><a:bodyPr/><a:p><a:endParaRPr sz="#{size}"/></a:p></a:txBody><a:tcPr marT="0" marB="0"/></a:tc></a:tr>) }
    tiles = pptx_slide(%(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="3810000" cy="25400"/></p:xfrm><a:graphic><a:graphicData uri="table"><a:tbl><a:tblGrid><a:gridCol w="3810000"/></a:tblGrid>#{cell.(3_000)}#{cell.(1_000)}</a:tbl></a:graphicData></a:graphic></p:graphicFrame>)).items
    assert_equal [ 50.0, 16.7 ], tiles.map { |tile| tile["size"] }
    assert_in_delta 3, tiles[0]["height"] / tiles[1]["height"], 0.15
  end

  def test_empty_lines_at_the_end_make_no_words_smaller
    frame = ->(more) { odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="30pt"><draw:text-box><text:p>ebb</text:p>#{more}</draw:text-box></draw:frame>)).items.map { |item| item.values_at("text", "size") } }
    assert_equal frame.(""), frame.("<text:p/>" * 5)
  end

  def test_what_has_no_sign_in_a_list_stands_where_its_words_do
    styles = '<text:list-style style:name="L1"><text:list-level-style-bullet text:level="1" text:bullet-char="•"><style:list-level-properties text:space-before="10pt" text:min-label-width="20pt"/></text:list-level-style-bullet></text:list-style>'
    list = '<text:list text:style-name="L1"><text:list-header><text:p>tides</text:p></text:list-header><text:list-item><text:p>ebb</text:p><text:p>and out</text:p></text:list-item></text:list>'
    found = odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="200pt"><draw:text-box>#{list}</draw:text-box></draw:frame>), styles: styles).items
    assert_equal [ [ "tides", 37.1, [] ], [ "ebb", 17.1, [ "bullets" ] ], [ "and out", 37.1, [] ] ], found.map { |item| [ item["text"], (item["x"] / 4.0).round(1), item["lists"] ] }
    title = odp_slide('<draw:frame presentation:class="title" presentation:style-name="T" svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="200pt"><draw:text-box><text:p>tides</text:p></draw:text-box></draw:frame>', styles: '<style:style style:name="T" style:family="presentation"/>').items.first
    assert_equal 0, title["x"], "a title fills its box to the edge"
  end

  def test_lists_with_letters
    entry = '<a:p><a:pPr marL="342900" indent="-342900"><a:buAutoNum type="alphaLcParenR"/></a:pPr><a:r><a:t>ebb</a:t></a:r></a:p>'
    assert_equal [ "letters" ], pptx_slide(shape(at: [ 0, 0, 300, 100 ], paragraphs: entry)).items.first["lists"]
    styles = '<text:list-style style:name="L1"><text:list-level-style-number text:level="1" style:num-format="a" style:num-suffix=")"/></text:list-style>'
    lettered = odp_slide('<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:list text:style-name="L1"><text:list-item><text:p>ebb<text:line-break/>and flood</text:p></text:list-item></text:list></draw:text-box></draw:frame>', styles: styles)
    assert_equal %w[letters under], lettered.items.first["lists"]
    bare = odp_slide('<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:list text:style-name="L1"><text:list-item><text:p text:style-name="P">ebb</text:p></text:list-item></text:list></draw:text-box></draw:frame>', styles: styles + '<style:style style:name="P" style:family="paragraph"><style:paragraph-properties text:enable-numbering="false"/></style:style>')
    assert_empty bare.items.first["lists"]
  end

  def test_empty_lines_keep_their_room_and_leave_nothing_behind
    lines = '<a:p><a:endParaRPr sz="4000"/></a:p><a:p><a:r><a:t>Ebb</a:t></a:r></a:p><a:p><a:endParaRPr sz="4000"/></a:p>'
    alone = pptx_slide(shape(at: [ 0, 0, 300, 300 ], paragraphs: lines)).items
    assert_equal [ [ "Ebb" ], nil ], [ alone.map { |item| item["text"] }, alone.first["groups"] ]
    assert_in_delta (3.6 + 40 * 1.2 + 18 * 0.065) * 1600 / 960, alone.first["y"], 1
  end

  def test_words_that_need_more_room_become_smaller_and_are_not_cut
    crowded = ->(body) { pptx_slide(shape(at: [ 0, 0, 200, 60 ], text: "The lighthouse keeper counts the boats that come home before the tide turns again", body: body)).items.first["size"] }
    assert_operator crowded.("<a:bodyPr><a:normAutofit/></a:bodyPr>"), :<, 30
    assert_equal 30.0, crowded.("<a:bodyPr/>"), "as it stood out of its box before"
    narrow = pptx_slide(shape(at: [ 0, 0, 90, 60 ], text: "Wednesday")).items.first
    assert_equal 1, Usher::Items.build(narrow).lines.size
  end

  def test_opendocument_shapes_words_and_lists
    styles = <<~XML
      <style:style style:name="gr1" style:family="graphic"><style:graphic-properties draw:stroke="solid" svg:stroke-width="2pt" svg:stroke-color="#B3411D" draw:fill="solid" draw:fill-color="#f7dfa6"/><style:text-properties fo:font-size="20pt" office:opacity="0%"/></style:style>
      <style:style style:name="P1" style:family="paragraph" style:parent-style-name="Loud"><style:paragraph-properties fo:text-align="center"/></style:style>
      <text:list-style style:name="L1"><text:list-level-style-bullet text:level="1" text:bullet-char="●"/></text:list-style>
    XML
    common = '<style:style style:name="Loud" style:family="paragraph"><style:text-properties fo:font-weight="bold"/></style:style>'
    page = <<~XML
      <draw:custom-shape draw:style-name="gr1" svg:width="100pt" svg:height="50pt" draw:transform="rotate (-1.5707963) translate (200pt 100pt)"><draw:enhanced-geometry draw:type="hexagon"/></draw:custom-shape>
      <draw:g><draw:line draw:style-name="gr1" svg:x1="10pt" svg:y1="10pt" svg:x2="50pt" svg:y2="10pt"/><draw:circle draw:style-name="gr1" svg:x="50pt" svg:y="0pt" svg:width="20pt" svg:height="20pt"/></draw:g>
      <draw:path draw:style-name="gr1" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt" svg:viewBox="0 0 10 10" svg:d="m0 0h10v10z"/>
      <draw:frame svg:x="100pt" svg:y="100pt" svg:width="200pt" svg:height="100pt"><draw:text-box><text:p text:style-name="P1">Ebb <text:span>and</text:span><text:s text:c="2"/>flow</text:p><text:list text:style-name="L1"><text:list-item><text:p>boots</text:p></text:list-item></text:list></draw:text-box></draw:frame>
      <presentation:notes><draw:frame><draw:text-box><text:p>Bring boots.</text:p></draw:text-box></draw:frame></presentation:notes>
    XML
    slide = odp_slide(page, styles: styles, common: common, master: '<draw:rect draw:style-name="gr1" svg:x="0pt" svg:y="280pt" svg:width="400pt" svg:height="20pt"/><draw:frame presentation:class="title" svg:x="0pt" svg:y="0pt" svg:width="9pt" svg:height="9pt"><draw:text-box><text:p>never seen</text:p></draw:text-box></draw:frame>')
    master, hexagon, line, circle, path, title, list = slide.items
    assert_equal [ "rectangle", "#1e6079", "all" ], master.values_at("kind", "fill", "pinned"), "the master's own style of that name"
    assert_equal [ "polygon", 6, 90.0, "#f7dfa6", "#b3411d", 8.0, 1 ], [ hexagon["kind"], hexagon["corners"].size, *hexagon.values_at("angle", "fill", "stroke", "stroke_width", "opacity") ]
    assert_equal [ 700.0, 600.0 ], hexagon.values_at("x", "width", "y", "height").then { |x, width, y, height| [ x + width / 2, y + height / 2 ] }
    assert_equal [ %w[line ellipse], line["groups"] ], [ [ line, circle ].map { |item| item["kind"] }, circle["groups"] ]
    assert_equal [ [ 0, 0 ], [ 1, 0 ], [ 1, 1 ] ], path["corners"]
    assert_equal [ "Ebb and  flow", "middle", true ], title.values_at("text", "align", "bold")
    assert_equal [ "boots", [ "discs" ] ], list.values_at("text", "lists")
    assert_equal [ "Bring boots.", 400.0, 300.0 ], [ slide.notes, slide.width, slide.height ]
  end

  def test_opendocument_tables_pictures_and_what_cannot_be_read
    table = '<table:table><table:table-column table:number-columns-repeated="2"/><table:table-row><table:table-cell><text:p>Day</text:p></table:table-cell><table:table-cell><text:p>High</text:p></table:table-cell></table:table-row></table:table>'
    framed = ->(content) { %(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt">#{content}</draw:frame>) }
    slide = odp_slide(framed.(table) + framed.('<draw:image xlink:href="Pictures/a.png"/>') + framed.('<draw:plugin xlink:href="Media/gone.mp4"/>') + framed.('<draw:plugin xlink:href="Media/tide.mp4"/>') + framed.('<draw:object xlink:href="./Object 1"/><draw:image xlink:href="./ObjectReplacements/Object 1"/>'), parts: { "Pictures/a.png" => PNG, "Media/tide.mp4" => "film" })
    assert_equal [ %w[tile tile picture video], [ 400.0, 400.0, 800.0, 800.0 ] ], [ slide.items.map { |item| item["kind"] }, slide.items.map { |item| item["width"] } ]
    assert_equal [ { "Pictures/a.png" => PNG }, %w[object video] ], [ slide.pictures, slide.missing.sort ]
    filled = odp_slide('<draw:rect draw:style-name="gr2" svg:x="0pt" svg:y="0pt" svg:width="90pt" svg:height="90pt"><text:p>The light</text:p></draw:rect>', styles: '<style:style style:name="gr2" style:family="graphic"><style:graphic-properties draw:fill="bitmap" draw:fill-image-name="Light"/></style:style>',
      common: '<draw:fill-image draw:name="Light" xlink:href="Pictures/a.png"/>', parts: { "Pictures/a.png" => PNG })
    assert_equal %w[picture text], filled.items.map { |item| item["kind"] }
  end

  def test_of_pictures_that_stand_for_each_other_the_first_that_can_be_shown
    frame = ->(*names) { %(<draw:frame svg:width="50pt" svg:height="50pt">#{names.map { |name| %(<draw:image xlink:href="Pictures/#{name}"/>) }.join}</draw:frame>) }
    parts = { "Pictures/a.svm" => "VCLMTF of nobody else", "Pictures/b.png" => PNG, "Pictures/c.png" => PNG }
    assert_equal [ "Pictures/b.png" ], odp_slide(frame.("a.svm", "b.png", "c.png"), parts: parts).pictures.keys
    assert_equal [ "Pictures/a.svm" ], odp_slide(frame.("a.svm"), parts: parts).pictures.keys, "whoever shows it says that it cannot"
  end

  def test_a_form_that_is_mirrored_once_was_turned_before
    filled = '<style:style style:name="gr1" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style>'
    angle = ->(mirrors) { odp_slide(%(<draw:custom-shape draw:style-name="gr1" svg:width="90pt" svg:height="60pt" draw:transform="rotate (0.5235988) translate (100pt 100pt)"><draw:enhanced-geometry #{mirrors.map { |way| %(draw:mirror-#{way}="true") }.join(" ")} draw:type="ooxml-heart"/></draw:custom-shape>), styles: filled).items.first["angle"] }
    assert_equal [ -30, 30, 30, -30 ], [ [], [ "vertical" ], [ "horizontal" ], %w[vertical horizontal] ].map { |mirrors| angle.(mirrors).round }
  end

  def test_words_of_a_box_that_grows_do_not_break
    words = ->(said) { odp_slide('<draw:frame draw:style-name="g" svg:width="60pt" svg:height="20pt"><draw:text-box><text:p>The lighthouse and the ropes</text:p></draw:text-box></draw:frame>', styles: %(<style:style style:name="g" style:family="graphic"><style:graphic-properties #{said}/></style:style>)).items.first }
    assert_operator words.('draw:auto-grow-width="true"')["width"], :>, 2 * words.("")["width"]
  end

  def test_a_ground_is_also_said_by_the_style_named_after_its_master
    common = '<style:style style:name="M-background" style:family="presentation"><style:graphic-properties draw:fill="solid" draw:fill-color="#f7dfa6"/></style:style>'
    assert_equal %w[#ffffff #f7dfa6], [ "", common ].map { |styles| odp_slide("", common: styles).colour }
  end

  def test_opendocument_forms_that_only_their_path_knows
    shaped = ->(type, path) { %(<draw:custom-shape svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt" draw:style-name="gr1"><draw:enhanced-geometry svg:viewBox="0 0 100 100" draw:type="#{type}" draw:enhanced-path="#{path}"/></draw:custom-shape>) }
    styles = '<style:style style:name="gr1" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#f7dfa6"/></style:style>'
    path = "M 0 0 L 100 0 50 100 Z N"
    slide = odp_slide(shaped.("non-primitive", path) + shaped.("mso-spt99", "") + shaped.("ellipse", path) + "<draw:caption/>", styles: styles)
    assert_equal %w[polygon rectangle ellipse], slide.items.map { |item| item["kind"] }
    assert_equal [ [ 0, 0 ], [ 1, 0 ], [ 0.5, 1 ] ], slide.items.first["corners"]
    assert_equal %w[shape thing], slide.missing
    bent = %(<draw:custom-shape svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt" draw:style-name="gr1"><draw:enhanced-geometry svg:viewBox="0 0 21600 21600" draw:modifiers="5400" draw:enhanced-path="M ?f1 0 L right 21600 ?f2 bottom Z N"><draw:equation draw:name="f1" draw:formula="$0 * 2"/><draw:equation draw:name="f2" draw:formula="if(?f1-right, 7, min(?f1, 21600)/2 - -100*0)"/></draw:enhanced-geometry></draw:custom-shape>)
    assert_equal [ [ 0.3333, 0 ], [ 1, 1 ], [ 0, 1 ] ], odp_slide(bent, styles: styles).items[0]["corners"]
  end

  def test_opendocument_captions_regular_polygons_and_measures
    styles = '<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#f7dfa6" draw:stroke="solid" svg:stroke-color="#000000"/></style:style>'
    shown = ->(node) { odp_slide(node, styles: styles).items }
    place = 'draw:style-name="g" svg:x="100pt" svg:y="100pt" svg:width="80pt" svg:height="40pt"'
    line, card, words = shown.(%(<draw:caption #{place} draw:caption-point-x="-50pt" draw:caption-point-y="20pt"><text:p>Pier</text:p></draw:caption>))
    scale = card["width"] / 80
    assert_equal [ "line", "rectangle", "Pier" ], [ line["kind"], card["kind"], words["text"] ]
    assert_equal [ 50, 50 ], [ (line["x"] / scale).round, (line["width"] / scale).round ], "from what it speaks of to the side that looks there"
    corners = ->(more) { shown.(%(<draw:regular-polygon #{place} #{more}><text:p>Ebb</text:p></draw:regular-polygon>)).first["corners"].size }
    assert_equal [ 5, 10, 3 ], [ corners.('draw:corners="5"'), corners.('draw:corners="5" draw:concave="true" draw:sharpness="50%"'), corners.("") ]
    ends = 'draw:style-name="g" svg:x1="10pt" svg:y1="10pt" svg:x2="90pt" svg:y2="10pt"'
    assert_equal [ [ "line", nil ], [ "text", "80 m" ] ], shown.(%(<draw:measure #{ends}><text:p>80 m</text:p></draw:measure>)).map { |item| item.values_at("kind", "text") }
    assert_equal [ "along" ], shown.(%(<draw:connector draw:type="line" #{ends}><text:p>along</text:p></draw:connector>)).filter_map { |item| item["text"] }
  end

  def test_broken_locked_empty_and_dangerous_files_are_refused
    assert_invalid(/broken/) { opened("PK nothing", PPTX) }
    assert_invalid(/broken/) { opened(Decks.archive("a.txt" => "x"), PPTX) }
    assert_invalid(/broken/) { opened(Decks.archive("content.xml" => "<x"), ODP) }
    assert_invalid(/no slides/) { opened(Decks.pptx, PPTX) }
    assert_invalid(/501 slides/) { opened(Decks.odp(*[ "" ] * 501), ODP) }
    assert_invalid(/password/) { opened(Decks.odp("", parts: { "META-INF/manifest.xml" => "<m:encryption-data/>" }), ODP) }
    bomb = %(<!DOCTYPE x [<!ENTITY a "#{'a' * 100}">]><p:presentation #{XML}>&a;</p:presentation>)
    [ bomb, %(<?xml version="1.0" encoding="UTF-16"?>#{bomb}).encode("UTF-16").b ].each do |xml|
      assert_invalid(/broken/) { opened(Decks.pptx("", parts: { "ppt/presentation.xml" => xml }), PPTX) }
    end
    assert_invalid(/unpack/) { opened(Decks.pptx("", parts: { "ppt/media/a.png" => "0" * 30_000_000 }), PPTX) }
  end

  def test_nothing_on_a_slide_is_more_than_a_page_holds
    slide = pptx_slide(shape(at: [ 0, 0, 10, 10 ], form: "ellipse", look: solid("000000")) * 1_510 + shape(at: [ 0, 0, 90_000, 10 ], form: "ellipse", look: solid("000000")))
    assert_equal [ 1_500, 11 ], [ slide.items.size, slide.missing.size ]
  end

  # Whatever stands where a number should: what cannot be read is missed, and nothing else is raised.
  def test_numbers_beyond_all_reason_spoil_nothing_else
    random = Random.new(20_261_123)
    came = 0
    wild = [ "1e999", "-1e999", "-5", "0", "", "NaN", "9" * 400, "tide", "1e999cm", "-3pt" ]
    { Decks.pptx({ tree: RICH, bg: %(<p:bg><p:bgPr>#{solid("bg2")}</p:bgPr></p:bg>) }) => [ PPTX, "ppt/slides/slide0.xml" ], Decks.odp(RICH_ODP) => [ ODP, "content.xml" ] }.each do |deck, (type, name)|
      parts = Zip::File.open_buffer(deck) { |zip| break zip.entries.to_h { |entry| [ entry.name, entry.get_input_stream.read ] } }
      120.times do
        changed = parts[name].gsub(/(?<==")-?[\d.]+(?:pt|cm)?(?=")/) { |number| random.rand < 0.15 ? wild.sample(random: random) : number }
        opened(Decks.archive(parts.merge(name => changed)), type) { |reader| came += built(reader.slide(1)).items.size }
      end
    end
    assert_operator came, :>, 1_000, "most of it"
  end

  def test_words_that_run_to_the_left_begin_on_the_right
    written = ->(slide) { Usher::Items.build(slide.items.find { |item| item["text"] }).then { |item| item.draw[/<text x="(\S+)" [^>]*?text-anchor="(\w+)"( direction="rtl")?/] && [ $1.to_f.zero? ? "left" : "right", $2, !$3.nil?, item.lines.first.marker ] } }
    shown = ->(attributes, text, sign = "") { written.(pptx_slide(Decks.shape(at: [ 10, 10, 300, 60 ], paragraphs: %(<a:p><a:pPr #{attributes}>#{sign}</a:pPr><a:r><a:t>#{text}</a:t></a:r></a:p>)))) }
    [ "ים", "Tide", "12" ].each do |text|
      assert_equal [ "right", "start", true, nil ], shown.('rtl="1"', text), text
      assert_equal [ "right", "start", true, nil ], shown.('rtl="1" algn="r"', text), text
      assert_equal [ "left", "end", true, nil ], shown.('rtl="1" algn="l"', text), text
      assert_equal [ "left", "start", false, nil ], shown.("", text), text
      assert_equal [ "right", "end", false, nil ], shown.('algn="r"', text), text
      assert_equal [ "right", "middle", true, nil ], shown.('rtl="1" algn="ctr"', text), text
    end
    signed = pptx_slide(Decks.shape(at: [ 10, 10, 300, 60 ], paragraphs: %(<a:p><a:pPr marL="342900" indent="-342900" rtl="1"><a:buChar char="•"/></a:pPr><a:r><a:t>Tide</a:t></a:r></a:p>))).items.find { |item| item["text"] }
    sign, words = Usher::Items.build(signed).draw.scan(/<text x="(\S+?)"/).map { |found| found[0].to_f }
    assert_operator sign, :>, words, "the sign is on the right of its words"
    styled = ->(more, text = "ים") { written.(odp_slide(%(<draw:frame svg:x="0pt" svg:y="0pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:p text:style-name="P1">#{text}</text:p></draw:text-box></draw:frame>), styles: %(<style:style style:name="P1" style:family="paragraph"><style:paragraph-properties #{more}/></style:style>))) }
    [ "ים", "Tide" ].each do |text|
      assert_equal %w[left right right left], [ "", 'style:writing-mode="rl-tb"', 'style:writing-mode="rl-tb" fo:text-align="start"', 'style:writing-mode="rl-tb" fo:text-align="end"' ].map { |more| styled.(more, text)[0] }, text
    end
  end

  def test_each_line_of_a_paragraph_reads_as_it_says
    lines = %(<a:r><a:t>Tide</a:t></a:r><a:br/><a:r><a:t>12 </a:t></a:r><a:r><a:t>ים</a:t></a:r><a:br/><a:r><a:t> </a:t></a:r>)
    text = ->(attributes) { pptx_slide(Decks.shape(at: [ 10, 10, 300, 90 ], paragraphs: "<a:p><a:pPr #{attributes}/>#{lines}</a:p>")).items.find { |item| item["text"] }["text"].rstrip }
    assert_equal [ "\u200FTide\n12 ים", "Tide\n\u200E12 ים" ], [ text.('rtl="1"'), text.("") ]
    mixed = pptx_slide(Decks.shape(at: [ 10, 10, 300, 90 ], paragraphs: '<a:p><a:pPr rtl="1"/><a:r><a:t>High </a:t></a:r><a:r><a:rPr b="1"/><a:t>tide</a:t></a:r></a:p><a:p><a:pPr rtl="1"/></a:p>')).items.find { |item| item["text"] }
    assert_equal [ "High tide", "right" ], [ mixed["text"].rstrip, mixed["align"] ], "parts that look different stay in their order"
  end

  def test_a_picture_in_an_ellipse_is_as_round_as_it_can_be
    pictured = ->(side, form) { %(<p:pic><p:nvPicPr><p:cNvPr id="3" name=""/></p:nvPicPr><p:blipFill><a:blip r:embed="i"/></p:blipFill><p:spPr>#{Decks.place([ 0, 0, side, side ])}<a:prstGeom prst="#{form}"/></p:spPr></p:pic>) }
    rounds = ->(side, form) { pptx_slide({ tree: pictured.(side, form), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => PNG }).items.first["round"] }
    scale = 1_600 / 960.0
    assert_in_delta 50 * scale, rounds.(100, "ellipse"), 0.1
    assert_in_delta 16.666 * scale, rounds.(100, "roundRect"), 0.1
    assert_equal [ 0, 400 ], [ rounds.(100, "rect"), rounds.(530, "ellipse") ]
  end

  # Every ready form there is a word for can be built, flipped both ways.
  def test_every_ready_form_is_an_item
    slides = Usher::Formats::Slides
    names = [ *slides::Forms::KINDS.keys, *slides::Presets.names, "unheard-of" ]
    assert_operator names.size, :>, 140
    canvas = Usher::Formats::Slides::Canvas.new(960, 540)
    look = Usher::Formats::Slides::Look.new(fill: "#f7dfa6", stroke: "#000000", stroke_width: 1, dash: "solid", opacity: 1)
    names.each { |name| canvas.form(name, Usher::Geometry::Box.new(10, 10, 90, 60, 0), look, flips: %w[across down]) }
    slide = canvas.finish(colour: "#ffffff", notes: "")
    assert_operator slide.items.size, :>=, names.size
    assert_equal %w[shape], slide.missing
    slides::Presets.names.each do |name|
      [ [ 90, 60 ], [ 10, 300 ], [ 300, 10 ] ].each do |sides|
        [ {}, *[ -1, 0, 0.03, 0.5, 1, 3 ].map { |bend| (1..5).to_h { |n| [ "adj#{n}", bend ] } } ].each do |bends|
          points = slides::Presets.outline(name, *sides, bends).parts.flat_map(&:points).flatten
          assert(points.any? && points.all? { |n| n.finite? && n.abs < 40 }, "#{name} in #{sides} with #{bends}")
        end
      end
    end
  end

  private

  # By how many degrees a way turns at one of its points.
  def turn_at(way, index)
    before, after = way[index - 1, 3].each_cons(2).map { |(ax, ay), (bx, by)| Math.atan2(by - ay, bx - ax) * 180 / Math::PI }
    (after - before + 180) % 360 - 180
  end

  def pptx_slide(slide, **more) = opened(Decks.pptx(slide, **more), PPTX) { |reader| built(reader.slide(1)) }
  def on_slide(bytes, type, number) = opened(bytes, type) { |reader| built(reader.slide(number)).items }
  def odp_slide(page, **more) = opened(Decks.odp(page, **more), ODP) { |reader| built(reader.slide(1)) }

  # Whatever a slide gives can lie on a page.
  def built(slide) = slide.tap { slide.items.each { |item| Usher::Items.build(item.merge(item.slice("picture", "asset").transform_values { 1 })) } }

  def opened(bytes, type)
    Tempfile.create("deck") do |file|
      file.binmode
      file.write(bytes)
      file.flush
      reader = Usher::Formats::Slides.open(file.path, type)
      block_given? ? yield(reader) : reader
    end
  end
end
