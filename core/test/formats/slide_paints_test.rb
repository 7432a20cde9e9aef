require "nokogiri"
require "core_test"
require "support/decks"

# What fills forms besides one colour, and forms that are led or lean.
class SlidePaintsTest < CoreTest
  include Decks

  Slides = Usher::Formats::Slides
  PNG = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==".unpack1("m0")

  def opened(bytes, type)
    Tempfile.create([ "deck", ".x" ], binmode: true) do |file|
      file.write(bytes)
      file.flush
      Slides.open(file.path, type).slide(1)
    end
  end

  def pptx_slide(slide, **more) = opened(Decks.pptx(slide, **more), Decks::PPTX)
  def odp_slide(page, **more) = opened(Decks.odp(page, **more), Decks::ODP)
  def fill_of(slide) = Nokogiri::XML(slide.pictures.values.first).remove_namespaces!

  # ---- gradients

  def test_a_gradient_goes_through_the_middle_as_far_as_the_corners
    gradient = Slides::Gradient.new("linear", [ [ 1, "#ffffff", 1 ], [ 0, "#000000", 0.5 ] ], angle: 90)
    drawn = Nokogiri::XML(gradient.definition(10, 20, 200, 100)).root
    assert_equal [ [ 110, 20, 110, 120 ], %w[#000000 #ffffff], [ "0.5", nil ] ], [ %w[x1 y1 x2 y2].map { |name| drawn[name].to_f.round(3) }, drawn.css("stop").map { |stop| stop["stop-color"] }, drawn.css("stop").map { |stop| stop["stop-opacity"] } ]
    slanted = Nokogiri::XML(Slides::Gradient.new("linear", [ [ 0, "#000000", 1 ], [ 1, "#ffffff", 1 ] ], angle: 45).definition(0, 0, 100, 100)).root
    assert_equal [ 0, 0, 100, 100 ], %w[x1 y1 x2 y2].map { |name| slanted[name].to_f.round(3) }
    assert_equal "#808080", gradient.mean
    assert Usher::Formats::Svg::Reader.read(gradient.svg(300, 200, 1)).svg.include?("linearGradient")
  end

  def test_lighter_and_darker_are_reckoned_as_light
    fill = ->(changes) { pptx_slide(shape(at: [ 0, 0, 90, 90 ], form: "rect", look: %(<a:solidFill><a:srgbClr val="4F81BD">#{changes}</a:srgbClr></a:solidFill>))).items.first["fill"] }
    assert_equal "#d0d8e8", fill.('<a:tint val="40000"/>')
    assert_equal "#3a5f8c", fill.('<a:shade val="50000"/>')
    assert_equal [ "#b07e42", "#bd8b4f", "#7b7b7b" ], [ "inv", "comp", "gray" ].map { |name| fill.("<a:#{name}/>") }
    assert_equal [ "#bd4f81", "#4fbd8b" ], [ "7200000", "-3600000" ].map { |by| fill.("<a:hueOff val=\"#{by}\"/>") }, "a third of the circle on, a sixth back"
    assert_equal [ "#868686", "#ffffff", "#000000" ], [ '<a:sat val="0"/>', '<a:lum val="100000"/>', '<a:lumMod val="0"/>' ].map(&fill)
    assert_equal "#4f81bd", fill.('<a:red val="0"/>'), "what nobody knows changes nothing"
    by_numbers = fill.('<a:gamma/><a:shade val="50000"/><a:invGamma/>').scan(/\h\h/).map(&:hex)
    by_numbers.zip([ 0x4f, 0x81, 0xbd ]) { |part, whole| assert_in_delta whole / 2.0, part, 1.5, "by its numbers alone" }
  end

  def test_a_picture_may_lie_beside_itself_over_and_over
    shape = shape(at: [ 0, 0, 90, 90 ], form: "ellipse", look: '<a:blipFill><a:blip r:embed="i"/><a:tile sx="200000" sy="50000"/></a:blipFill>')
    slide = pptx_slide({ tree: shape, more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => Decks::PNG })
    pattern = fill_of(slide).at("pattern")
    point = 1_600 / 960.0
    assert_in_delta 10 * 0.75 * 2 * point, pattern["width"].to_f, 0.01
    assert_in_delta 10 * 0.75 * 0.5 * point, pattern["height"].to_f, 0.01
  end

  def test_two_colours_stand_for_black_and_white
    filled = ->(inner) { pptx_slide({ tree: shape(at: [ 0, 0, 90, 90 ], form: "rect", look: %(<a:blipFill><a:blip r:embed="i">#{inner}</a:blip></a:blipFill>)), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => Decks::PNG }) }
    slide = filled.('<a:duotone><a:srgbClr val="000000"/><a:srgbClr val="FF0000"/></a:duotone>')
    assert_equal [ 0.2126, 0.7152, 0.0722, 0, 0 ], fill_of(slide).at("feColorMatrix")["values"].split.first(5).map(&:to_f)
    assert_includes Usher::Formats::Svg::Reader.read(slide.pictures.values.first).svg, "feColorMatrix", "our own door lets it in"
    assert fill_of(filled.("<a:grayscl/>")).at("feColorMatrix")
    assert_equal Decks::PNG, filled.("").pictures.values.first, "as it is"
  end

  def test_a_ground_of_other_proportions_is_stretched_over_the_slide
    ground = '<p:bg><p:bgPr><a:blipFill><a:blip r:embed="i"/><a:stretch/></a:blipFill></p:bgPr></p:bg>'
    slide = pptx_slide({ tree: "", bg: ground, more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => Decks::PNG })
    assert_match Usher::Formats::Slides::OWN, slide.backdrop
    assert_equal "none", fill_of(slide).at("image")["preserveAspectRatio"]
  end

  def test_a_form_with_a_gradient_is_drawn_with_it_and_its_words_stay_words
    fill = '<a:gradFill><a:gsLst><a:gs pos="0"><a:srgbClr val="1E6079"/></a:gs><a:gs pos="100000"><a:srgbClr val="F7DFA6"><a:alpha val="40000"/></a:srgbClr></a:gs></a:gsLst><a:lin ang="5400000"/></a:gradFill>'
    slide = pptx_slide(shape(at: [ 0, 0, 300, 100 ], form: "roundRect", look: fill, text: "Ebb"))
    assert_equal [ %w[picture text], [] ], [ slide.items.map { |item| item["kind"] }, slide.missing ]
    drawn = fill_of(slide)
    assert_equal [ "url(#fill)", "0.4", 1 ], [ drawn.at("path")["fill"], drawn.css("stop").last["stop-opacity"], slide.items.first.fetch("opacity", 1) ]
    round = fill_of(pptx_slide(shape(at: [ 0, 0, 300, 100 ], form: "ellipse", look: fill.sub(/<a:lin.*?>/, '<a:path path="circle"><a:fillToRect l="100000" t="100000"/></a:path>'))))
    assert_equal %w[1 1], %w[cx cy].map { |name| round.at("radialGradient")[name] }
  end

  def test_the_ground_of_a_slide_may_be_a_gradient
    ground = '<p:bg><p:bgPr><a:gradFill><a:gsLst><a:gs pos="0"><a:srgbClr val="000000"/></a:gs><a:gs pos="100000"><a:srgbClr val="FFFFFF"/></a:gs></a:gsLst></a:gradFill></p:bgPr></p:bg>'
    slide = pptx_slide({ tree: "", bg: ground })
    assert_equal [ true, "#808080" ], [ Slides::OWN.match?(slide.backdrop), slide.colour ]
    assert_includes slide.pictures[slide.backdrop], "linearGradient"
    refute_equal slide.backdrop, pptx_slide({ tree: "", bg: ground.sub("000000", "1E6079") }).backdrop, "each ground is a picture of its own"
  end

  def gradient(style, **more)
    given = { style: style, "start-color": "#000000", "end-color": "#ffffff", **more }.map { |name, value| %(draw:#{name}="#{value}") }.join(" ")
    odp_slide('<draw:rect draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt"/>', common: %(<draw:gradient draw:name="G" #{given}/>),
      styles: '<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="gradient" draw:fill-gradient-name="G" draw:stroke="none"/></style:style>').then { |slide| fill_of(slide) }
  end

  def test_gradients_of_opendocument
    stops = ->(drawn) { drawn.css("stop").map { |stop| [ stop["offset"].to_f, stop["stop-color"] ] } }
    down = gradient("linear", border: "20%")
    assert_equal [ [ 0.2, "#000000" ], [ 1, "#ffffff" ] ], stops.(down)
    assert_operator down.at("linearGradient")["y2"].to_f, :>, down.at("linearGradient")["y1"].to_f
    assert_equal [ [ 0, "#ffffff" ], [ 0.5, "#000000" ], [ 1, "#ffffff" ] ], stops.(gradient("axial"))
    assert_equal [ [ 0, "#ffffff" ], [ 0.9, "#000000" ] ], stops.(gradient("radial", border: "10%", cx: "30%", cy: "50%"))
    off = gradient("square", cx: "30%", cy: "50%").at("#level")
    assert_equal [ [ 0, "#000000" ], [ 0.5, "#ffffff" ], [ 0.5, "#ffffff" ], [ 1, "#000000" ] ], stops.(off)
    assert_in_delta(-0.2, off["x1"].to_f / (off["x2"].to_f - off["x1"].to_f), 0.001, "all of it lies to the left")
    level = gradient("rectangular").css("#level stop").map { |stop| stop["offset"].to_f }
    assert_equal [ 0, 0.5, 0.5, 1 ], level, "of a square the middle is a point"
    assert_equal [ [ 0.25, 0.5, 0.75, 0.5 ], [ 0.5, 0.25, 0.5, 0.75 ] ], [ [ 200, 100 ], [ 100, 200 ] ].map { |size| Slides::RectangularGradient.new([], even: true).send(:ridge, *size) }
    assert_match "rotate(-30", gradient("rectangular", angle: "300").at("pattern > g")["transform"]
    assert_equal "#808080", gradient("linear", "end-intensity": "50%").css("stop").last["stop-color"]
  end

  def test_gradients_as_svg_has_them
    page = '<draw:rect draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt"/>'
    styles = '<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="gradient" draw:fill-gradient-name="G" draw:stroke="none"/></style:style>'
    given = ->(markup) { odp_slide(page, styles: styles, common: markup) }
    round = fill_of(given.('<svg:radialGradient draw:name="G" svg:cx="46%" svg:cy="127%" svg:r="1.27"><svg:stop svg:offset="0" svg:stop-color="#25041A"/><svg:stop svg:offset="90%" svg:stop-color="#332b64" svg:stop-opacity="0.5"/></svg:radialGradient>'))
    assert_equal [ %w[0.46 1.27 1.27], [ [ "0.0", "#25041a", nil ], [ "0.9", "#332b64", "0.5" ] ] ], [ %w[cx cy r].map { |name| round.at("radialGradient")[name] }, round.css("stop").map { |stop| [ stop["offset"].to_f.to_s, stop["stop-color"], stop["stop-opacity"] ] } ]
    assert_equal "1", fill_of(given.('<svg:linearGradient draw:name="G"><svg:stop svg:offset="0" svg:stop-color="#25041a"/></svg:linearGradient>')).at("linearGradient")["x2"]
    assert_empty given.('<svg:linearGradient draw:name="G"/>').items, "nothing to fill with"
  end

  def test_an_open_path_without_a_line_is_filled
    path = '<draw:path draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt" svg:viewBox="0 0 10 10" svg:d="M0 0L10 0L10 10L4 6"/>'
    look = ->(line) { odp_slide(path, styles: %(<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079" draw:stroke="#{line}" svg:stroke-color="#b3411d"/></style:style>)).items.first }
    assert_equal [ "polygon", "#1e6079", "none" ], look.("none").values_at("kind", "fill", "stroke")
    assert_equal [ "ink", "#b3411d" ], look.("solid").values_at("kind", "colour")
  end

  def test_a_gradient_from_a_rectangle_to_the_edges
    fill = '<a:gradFill><a:gsLst><a:gs pos="0"><a:srgbClr val="1E6079"/></a:gs><a:gs pos="100000"><a:srgbClr val="F7DFA6"/></a:gs></a:gsLst><a:path path="rect"><a:fillToRect l="20000" t="50000" r="60000" b="50000"/></a:path></a:gradFill>'
    drawn = fill_of(pptx_slide(shape(at: [ 0, 0, 300, 100 ], form: "ellipse", look: fill)))
    assert_equal [ [ 0, "#f7dfa6" ], [ 0.2, "#1e6079" ], [ 0.4, "#1e6079" ], [ 1, "#f7dfa6" ] ], drawn.css("#level stop").map { |stop| [ stop["offset"].to_f, stop["stop-color"] ] }
    assert_equal [ 0, 0.5, 0.5, 1 ], drawn.css("#upright stop").map { |stop| stop["offset"].to_f }
  end

  # ---- lines and dots

  STROKE = /M([^ML ]+) ([^ML ]+)L([^ML ]+) ([^ML ]+)/

  # Which of these places are inked, where a drawing of 100 x 100 lies on white.
  def inked(svg, *places)
    lines = Nokogiri::XML(svg).remove_namespaces!.at("path[stroke-width]")
    ends = lines["d"].scan(STROKE).map { |line| line.map(&:to_f) }
    places.map do |x, y|
      ends.any? { |ax, ay, bx, by| ((bx - ax) * (ay - y) - (ax - x) * (by - ay)).abs / Math.hypot(bx - ax, by - ay) <= lines["stroke-width"].to_f / 2 }
    end
  end

  def test_lines_stand_apart_as_far_as_is_said_and_cover_the_box
    level = Slides::Hatching.new("#000000", ways: [ 0 ], apart: 10, breadth: 2)
    assert_equal [ true, false, true, true ], inked(level.svg(100, 100, 1), [ 50, 0 ], [ 50, 5 ], [ 3, 90 ], [ 99, 100 ])
    assert_equal [ false, true ], inked(level.svg(100, 100, 2), [ 50, 10 ], [ 50, 20 ]), "a point is two units"
    rising = Slides::Hatching.new("#000000", ways: [ -45 ], apart: 10 / Math.sqrt(2), breadth: 1).svg(100, 100, 1)
    assert_equal [ true, true, false ], inked(rising, [ 10, 90 ], [ 90, 10 ], [ 5, 90 ])
    assert_equal "#cccccc", level.mean
    dots = Nokogiri::XML(Slides::Hatching.new("#000000", ground: "#ffffff", apart: 4, breadth: 2).svg(100, 100, 1)).remove_namespaces!
    assert_equal [ "4", 2 ], [ dots.at("pattern")["width"], dots.css("pattern rect").size ]
    assert_operator Slides::Hatching.new("#000000", ways: [ 0 ], apart: 0).svg(1e6, 1e6, 1).bytesize, :<, 200_000, "as many lines as are sensible"
    assert Usher::Formats::Svg::Reader.read(level.svg(300, 200, 1)).svg.include?("pattern")
  end

  def test_patterns_of_office_open_xml
    fill = ->(name) { %(<a:pattFill prst="#{name}"><a:fgClr><a:srgbClr val="1E6079"/></a:fgClr><a:bgClr><a:srgbClr val="F7DFA6"/></a:bgClr></a:pattFill>) }
    drawn = ->(name) { fill_of(pptx_slide(shape(at: [ 0, 0, 300, 100 ], form: "rect", look: fill.(name)))) }
    crossed = drawn.("dkUpDiag")
    assert_equal [ "#f7dfa6", "#1e6079", "url(#fill)" ], [ crossed.at("pattern rect")["fill"], crossed.at("pattern path")["stroke"], crossed.xpath("/svg/path").first["fill"] ]
    assert_equal [ 0, 2 ], %w[pct20 lgGrid].map { |name| drawn.(name).css("pattern path").sum { |lines| lines["d"].scan(STROKE).map { |ax, ay, bx, by| ax == bx ? :upright : :level }.uniq.size } }
    assert drawn.("fog").at("pattern"), "of a name that nobody knows the colours come"
    slanted = ->(name) { drawn.(name).at("pattern path")["d"].scan(STROKE).any? { |ax, ay, bx, by| ax != bx && ay != by } }
    assert_equal [ true, false ], %w[diagCross cross].map(&slanted)
  end

  def test_patterns_that_are_tiles
    tiles = Slides::OpenXml::Patterns::TILES
    assert_equal [ [ 8 ], [ 8 ], "" ], [ tiles.values.map(&:size).uniq, tiles.values.flatten.map(&:size).uniq, tiles.values.join.delete("#.") ]
    bricks = Slides::OpenXml::Patterns.paint("horzBrick", "#000000", "#ffffff").svg(60, 60, 8 / 6.0) # a unit is a dot
    assert_equal [ "8", "M0.0 0.0h8.0v1.0h-8.0z", "M4.0 7.0h1.0v1.0h-1.0z" ], Nokogiri::XML(bricks).remove_namespaces!.at("pattern").then { |tile| [ tile["width"], *tile.at("path")["d"].scan(/M[^z]*z/).values_at(0, -1) ] }
    assert_equal "#808080", Slides::OpenXml::Patterns.paint("lgCheck", "#000000", nil).mean
    assert Usher::Formats::Svg::Reader.read(bricks).svg.include?("pattern")
  end

  def test_hatches_of_opendocument
    slide = lambda do |style, more = ""|
      odp_slide('<draw:rect draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt"/>', common: %(<draw:hatch draw:name="H" draw:style="#{style}" draw:color="#b3411d" draw:distance="10pt" draw:rotation="900"/>),
        styles: %(<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="hatch" draw:fill-hatch-name="H" draw:stroke="none" #{more}/></style:style>))
    end
    single = fill_of(slide.("single"))
    assert_equal [ "#b3411d", nil ], [ single.at("pattern path")["stroke"], single.at("pattern rect") ]
    lines = ->(drawn) { drawn.at("pattern path")["d"].count("M") }
    assert_operator lines.(fill_of(slide.("triple"))), :>, lines.(fill_of(slide.("double"))), "a third set"
    assert_equal "#f7dfa6", fill_of(slide.("single", 'draw:fill-hatch-solid="true" draw:fill-color="#f7dfa6"')).at("pattern rect")["fill"]
  end

  def test_what_lets_through_more_and_more
    styles = '<style:style style:name="g" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#b3411d" draw:opacity-name="O" draw:stroke="none"/></style:style>'
    slide = odp_slide('<draw:rect draw:style-name="g" svg:x="0pt" svg:y="0pt" svg:width="100pt" svg:height="100pt"/>', common: '<draw:opacity draw:name="O" draw:style="linear" draw:start="100%" draw:end="0%"/>', styles: styles)
    assert_equal [ [ "#b3411d", nil ], [ "#b3411d", "0" ] ], fill_of(slide).css("stop").map { |stop| [ stop["stop-color"], stop["stop-opacity"] ] }
  end

  # ---- pictures

  def test_a_picture_fills_any_form
    picture = '<p:pic><p:nvPicPr><p:cNvPr id="1" name="" descr="The quay"/><p:cNvPicPr/><p:nvPr/></p:nvPicPr><p:blipFill><a:blip r:embed="i"/><a:srcRect l="50000"/></p:blipFill><p:spPr><a:xfrm><a:off x="0" y="0"/><a:ext cx="1270000" cy="1270000"/></a:xfrm><a:prstGeom prst="diamond"/></p:spPr></p:pic>'
    slide = pptx_slide({ tree: picture, more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => PNG })
    drawn = Nokogiri::XML(slide.pictures.fetch(slide.items[0]["picture"])).remove_namespaces!
    assert_equal [ "The quay", "url(#fill)", "-" ], [ slide.items[0]["alt"], drawn.at("path")["fill"], drawn.at("pattern image")["x"][0] ]
    styles = '<style:style style:name="p" style:family="graphic"><style:graphic-properties draw:fill="bitmap" draw:fill-image-name="Boat"/></style:style>'
    image = '<draw:fill-image draw:name="Boat" xlink:href="Pictures/a.png"/>'
    path = '<draw:path draw:style-name="p" svg:x="0pt" svg:y="0pt" svg:width="90pt" svg:height="90pt" svg:viewBox="0 0 10 10" svg:d="M5 0 10 5 5 10 0 5Z"/>'
    filled = odp_slide(path, styles: styles, common: image, parts: { "Pictures/a.png" => PNG })
    assert_includes fill_of(filled).at("pattern image")["href"], "image/png"
    gone = odp_slide(path, styles: styles, common: image)
    assert_equal %w[picture], gone.missing
  end

  def test_a_photo_in_a_form_comes_without_its_notes
    segment = ->(marker, text) { [ 0xFF, marker, text.bytesize + 2 ].pack("CCn") + text }
    start, scan = "\xFF\xD8".b, "\xFF\xDA\x00\x02picture\xFF\xD9".b
    photo = start + segment.(0xE0, "JFIF") + segment.(0xE1, "Exif: at the quay") + segment.(0xFE, "by the keeper") + segment.(0xDB, "tables") + scan
    kept = Nokogiri::XML(Slides::Photo.new(photo).definition(0, 0, 9, 9)).remove_namespaces!.at("image")["href"].split(",").last.unpack1("m0")
    assert_equal start + segment.(0xE0, "JFIF") + segment.(0xDB, "tables") + scan, kept
    [ start, start + "\xFF".b, start + "\xFF\xE1\xFF\xFF".b ].each { |broken| assert Slides::Photo.new(broken).definition(0, 0, 9, 9) }
  end

  # ---- connectors and what leans

  LINE = %(<style:style style:name="c" style:family="graphic"><style:graphic-properties draw:stroke="solid" svg:stroke-color="#1e6079"/></style:style>).freeze

  def test_a_connector_goes_the_way_it_was_led
    connector = ->(path) { odp_slide(%(<draw:connector draw:style-name="c" svg:x1="72pt" svg:y1="0pt" svg:x2="144pt" svg:y2="72pt" svg:d="#{path}"/>), styles: LINE) }
    lines = connector.("M2540 0h1270v2540h1270").items
    assert_equal [ %w[line line line], [ [ 144, 0 ], [ 0, 288 ], [ 144, 0 ] ] ], [ lines.map { |item| item["kind"] }, lines.map { |item| item.values_at("width", "height").map(&:round) } ]
    assert_equal %w[ink], connector.("M2540 0c1270 0 1270 2540 2540 2540").items.map { |item| item["kind"] }
    assert_equal 3, connector.("").items.size
  end

  def test_what_leans_is_drawn_leaning
    leaning = ->(form) { odp_slide(%(<draw:#{form} draw:style-name="k" svg:width="100pt" svg:height="100pt" draw:transform="skewX (-0.7853981) translate (0pt 0pt)"/>), styles: '<style:style style:name="k" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style>').items.first }
    rect = leaning.("rect")
    assert_equal [ "polygon", 800, [ [ 0, 0 ], [ 0.5, 0 ], [ 1, 1 ], [ 0.5, 1 ] ] ], [ rect["kind"], rect["width"].round, rect["corners"].map { |corner| corner.map { |n| n.round(2) } } ]
    assert_equal "polygon", leaning.("ellipse")["kind"]
  end

  def test_what_is_moved_by_a_matrix_lies_where_that_puts_it
    lying = lambda do |transform|
      odp_slide(%(<draw:rect draw:style-name="k" svg:width="100pt" svg:height="50pt" draw:transform="#{transform}"/>), styles: '<style:style style:name="k" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style>').items.first
    end
    place = ->(item) { item.values_at("x", "y", "width", "height", "angle").map { |n| n.to_f.round } }
    turned = lying.("rotate (-0.6435011) translate (200pt 100pt)")
    assert_equal place.(turned), place.(lying.("matrix (0.8 0.6 -0.6 0.8 200pt 100pt)")), "x' = ax + cy + e"
    assert_equal 37, turned["angle"].round
    once, twice = lying.("translate (40pt 40pt)"), lying.("scale (2 3) translate (40pt 40pt)")
    assert_equal [ 2, 3 ], %w[width height].map { |side| (twice[side] / once[side]).round }
    assert_equal once.values_at("x", "y"), twice.values_at("x", "y")
    assert_equal "polygon", lying.("matrix (1 0 1 1 0pt 0pt)")["kind"], "it leans"
    [ "matrix (1 0 0", "matrix (0 0 0 0 0 0)", "matrix (1e999 0 0 1 0 0)", "scale ()", "rotate (x)" ].each { |odd| lying.(odd) }
  end

  def test_what_is_in_a_group_may_be_painted_as_the_group_is
    group = ->(paint, inner) { %(<p:grpSp><p:nvGrpSpPr/><p:grpSpPr>#{Decks.place([ 0, 0, 90, 90 ], inner: '<a:chOff x="0" y="0"/><a:chExt cx="1143000" cy="1143000"/>')}#{paint}</p:grpSpPr>#{inner}</p:grpSp>) }
    boat = shape(at: [ 0, 0, 40, 40 ], form: "rect", look: "<a:grpFill/>") + shape(at: [ 50, 0, 40, 40 ], form: "rect")
    fills = ->(slide) { pptx_slide(slide).items.map { |item| item["fill"] } }
    assert_equal %w[#1d7758], fills.(group.(solid("accent2"), boat))
    assert_equal %w[#1d7758], fills.(group.(solid("accent2"), group.("<a:grpFill/>", boat))), "as the group around that"
    assert_empty fills.(group.("", boat) + boat), "by none"
  end

  def test_the_style_of_a_shape_goes_before_what_it_inherits
    layout = shape(at: [ 0, 0, 90, 90 ], ph: 'type="body" idx="1"', look: "#{solid("accent2")}<a:ln>#{solid("accent2")}</a:ln>")
    style = '<p:style><a:lnRef idx="1"><a:schemeClr val="accent1"/></a:lnRef><a:fillRef idx="%d"><a:schemeClr val="accent1"/></a:fillRef></p:style>'
    paints = ->(more, look = "") { pptx_slide(shape(ph: 'type="body" idx="1"', more: more, look: look), layout: layout).items.map { |item| item.values_at("fill", "stroke") } }
    assert_equal [ %w[#1d7758 #1d7758] ], paints.("")
    assert_equal [ %w[#9a3a61 #9a3a61] ], paints.(format(style, 1))
    assert_equal [ %w[none #9a3a61] ], paints.(format(style, 0)), "a style without a fill is one, too"
    assert_equal [ %w[#f7dfa6 #9a3a61] ], paints.(format(style, 1), solid("F7DFA6")), "what it says itself goes before all"
  end

  def test_cells_let_through_what_is_behind_the_table
    cell = ->(look = "") { "<a:tc><a:txBody><a:bodyPr/><a:p/></a:txBody><a:tcPr>#{look}</a:tcPr></a:tc>" }
    clear = '<a:solidFill><a:srgbClr val="000000"><a:alpha val="50000"/></a:srgbClr></a:solidFill>'
    broken = %(<a:lnL w="12700">#{solid("000000")}<a:prstDash val="dash"/></a:lnL>)
    table = %(<p:graphicFrame><p:nvGraphicFramePr/><p:xfrm><a:off x="0" y="0"/><a:ext cx="2540000" cy="254000"/></p:xfrm><a:graphic><a:graphicData><a:tbl><a:tblGrid><a:gridCol w="1270000"/><a:gridCol w="1270000"/></a:tblGrid><a:tr h="254000">#{cell.(clear)}#{cell.(broken)}</a:tr></a:tbl></a:graphicData></a:graphic></p:graphicFrame>)
    items = pptx_slide(table).items
    assert_equal [ "#808080", "none" ], items.select { |item| item["kind"] == "tile" }.map { |item| item["card"] }
    assert_equal [ "4 3" ], items.select { |item| item["kind"] == "line" }.map { |item| item["dash"] }
  end

  def test_a_part_of_an_ellipse
    part = ->(kind) { odp_slide(%(<draw:circle draw:style-name="k" svg:width="90pt" svg:height="60pt" draw:kind="#{kind}" draw:start-angle="0" draw:end-angle="90"/>), styles: '<style:style style:name="k" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079" draw:stroke="solid"/></style:style>').items.first }
    point = 1_600 / 400.0
    slice, cut = part.("section"), part.("cut")
    [ slice, cut ].each { |item| assert_equal [ "polygon", 45, 0, 45, 30 ], [ item["kind"], *item.values_at("x", "y", "width", "height").map { |n| (n / point).round } ] }
    assert_equal 1, slice["corners"].size - cut["corners"].size, "a slice goes to the middle"
    assert_equal %w[ink ellipse], [ part.("arc")["kind"], part.("full")["kind"] ]
  end

  def test_a_shape_may_be_painted_as_the_slide_behind_it
    boat = shape(at: [ 0, 0, 90, 90 ], form: "rect", look: solid("accent2")).sub("<p:sp>", '<p:sp useBgFill="1">')
    assert_equal %w[#f7dfa6], pptx_slide({ tree: boat, bg: "<p:bg><p:bgPr>#{solid("F7DFA6")}</p:bgPr></p:bg>" }).items.map { |item| item["fill"] }
  end

  def test_a_picture_in_an_ellipse_that_is_no_circle_is_cut_by_it
    said = ->(wide) { pptx_slide({ tree: %(<p:pic><p:nvPicPr/><p:blipFill><a:blip r:embed="i"/></p:blipFill><p:spPr>#{Decks.place([ 0, 0, wide, 90 ])}<a:prstGeom prst="ellipse"/></p:spPr></p:pic>), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => Decks::PNG }) }
    assert_equal [ [ 75.0 ], [ "ppt/media/a.png" ] ], said.(90).then { |slide| [ slide.items.map { |item| item["round"].to_f }, slide.pictures.keys ] }
    assert fill_of(said.(180)).at("pattern image"), "a drawing"
    filled = ->(wide, form) { filled_with_a_picture('style:repeat="stretch"', form: form, wide: wide).pictures.keys }
    assert_equal [ "Pictures/a.png" ] * 2, [ [ 90, "ellipse" ], [ 180, "rect" ] ].flat_map { |given| filled.(*given) }
    assert_match Slides::OWN, filled.(180, "ellipse").first
  end

  def filled_with_a_picture(said, form: "rect", wide: 180)
    odp_slide(%(<draw:#{form} draw:style-name="k" svg:width="#{wide}pt" svg:height="90pt"/>), common: '<draw:fill-image draw:name="i" xlink:href="Pictures/a.png"/>', styles: %(<style:style style:name="k" style:family="graphic"><style:graphic-properties draw:fill="bitmap" draw:fill-image-name="i" #{said}/></style:style>), parts: { "Pictures/a.png" => Decks::PNG })
  end

  def test_a_picture_fills_once_or_over_and_over_from_where_the_file_says
    pattern = ->(said) { fill_of(filled_with_a_picture(said)).at("pattern").then { |node| %w[x y width height].map { |name| node[name].to_f.round } + [ node.at("image")["x"].to_f.round ] } }
    point = 1_600 / 400.0
    assert_equal [ (90 - 3.75) * point, (45 - 3.75) * point, 7.5 * point, 7.5 * point, 0 ], pattern.(""), "as large as its ten dots, around the middle"
    assert_equal [ 0, 0, 20 * point, 10 * point, 0 ], pattern.('style:repeat="repeat" draw:fill-image-ref-point="top-left" draw:fill-image-width="20pt" draw:fill-image-height="10pt"')
    assert_equal [ 18 * point, 9 * point, 90 * point, 45 * point, 0 ], pattern.('style:repeat="repeat" draw:fill-image-ref-point="top-left" draw:fill-image-width="50%" draw:fill-image-height="50%" draw:fill-image-ref-point-x="20%" draw:fill-image-ref-point-y="20%"')
    assert_equal [ 0, 0, 180 * point, 90 * point, 160 * point ], pattern.('style:repeat="no-repeat" draw:fill-image-ref-point="right" draw:fill-image-width="20pt" draw:fill-image-height="10pt"')
    common = '<draw:fill-image draw:name="i" xlink:href="Pictures/a.png"/><style:style style:name="M-background" style:family="presentation"><style:graphic-properties draw:fill="bitmap" draw:fill-image-name="i" %s/></style:style>'
    grounds = [ 'style:repeat="stretch"', "" ].map { |said| odp_slide("", common: format(common, said), parts: { "Pictures/a.png" => Decks::PNG }).pictures.keys.first }
    assert_equal 2, grounds.uniq.size
  end

  def test_pictures_are_lighter_darker_or_grey
    first = ->(picture) { Nokogiri::XML(picture).remove_namespaces!.at("feColorMatrix")&.[]("values")&.split&.values_at(0, 4)&.map(&:to_f) }
    xml = ->(inner) { pptx_slide({ tree: %(<p:pic><p:nvPicPr/><p:blipFill><a:blip r:embed="i">#{inner}</a:blip></p:blipFill><p:spPr>#{Decks.place([ 0, 0, 90, 90 ])}</p:spPr></p:pic>), more: [ [ "i", "image", "../media/a.png" ] ] }, parts: { "ppt/media/a.png" => Decks::PNG }).pictures.values.first.then(&first) }
    assert_equal [ [ 0.3, 1.05 ], [ 2, -0.5 ], nil ], [ xml.('<a:lum bright="70000" contrast="-70000"/>'), xml.('<a:lum contrast="50000"/>'), xml.("<a:lum/>") ]
    odf = ->(said) { odp_slide('<draw:frame draw:style-name="k" svg:width="90pt" svg:height="90pt"><draw:image xlink:href="Pictures/a.png"/></draw:frame>', styles: %(<style:style style:name="k" style:family="graphic"><style:graphic-properties #{said}/></style:style>), parts: { "Pictures/a.png" => Decks::PNG }).pictures.values.first.then(&first) }
    assert_equal [ [ 1, 0.2 ], [ 0.2126, 0 ], [ 0.3, 0.85 ], nil ], [ 'draw:luminance="20%"', 'draw:color-mode="greyscale"', 'draw:color-mode="watermark"', 'draw:contrast="0%"' ].map(&odf)
  end

  # ---- lines

  def test_lines_are_broken_as_the_file_says
    xml = ->(inner) { pptx_slide(shape(at: [ 0, 0, 90, 0 ], form: "line", look: %(<a:ln w="25400">#{solid("000000")}#{inner}</a:ln>))).items.first["dash"] }
    assert_equal [ "solid", "8 3 1 3", "4.5 2", "dashed" ], [ "", '<a:prstDash val="lgDashDot"/>', '<a:custDash><a:ds d="450000" sp="200000"/></a:custDash>', "<a:custDash/>" ].map(&xml)
    odf = ->(said) { odp_slide('<draw:line draw:style-name="k" svg:x1="0pt" svg:y1="0pt" svg:x2="90pt" svg:y2="0pt"/>', common: "<draw:stroke-dash draw:name=\"d\" #{said}/>", styles: '<style:style style:name="k" style:family="graphic"><style:graphic-properties draw:stroke="dash" draw:stroke-dash="d" svg:stroke-width="2pt"/></style:style>').items.first["dash"] }
    assert_equal "4 1.5 1 1.5 1 1.5", odf.('draw:dots1="1" draw:dots1-length="8pt" draw:dots2="2" draw:distance="3pt"')
    assert_equal "2 0.5", odf.('draw:dots1="1" draw:dots1-length="200%" draw:distance="50%"')
    assert_equal "dashed", odf.('draw:dots1="10" draw:dots2="10" draw:distance="1pt"'), "more than a line may have"
  end

  # ---- paths of forms

  def test_quadrants_in_a_row_leave_along_one_side_and_the_other_by_turns
    numbers = Hash.new { |_, word| word.to_f }
    points = Slides::OpenDocument::EnhancedPath.new("M 0 0 X 80 40 0 80 N", numbers).outline.parts.first.points
    points.each { |x, y| assert_in_delta 1, (x / 80)**2 + ((y - 40) / 40)**2, 0.02, "half an ellipse" }
    dark, light = Slides::OpenDocument::EnhancedPath.new("M 0 0 L 9 9 H N M 0 0 L 9 9 J N", numbers).outline.parts.map(&:shade)
    assert dark.negative? && light.positive?
  end

  # ---- charts of OpenDocument

  def chart(klass, plot: "", said: "", axis: "", looks: "", plot_at: "", categories: true, rows: [ [ "Mon", 2 ], [ "Tue", 4 ] ])
    cell = ->(value) { value.is_a?(Numeric) ? %(<table:table-cell office:value-type="float" office:value="#{value}"><text:p>#{value}</text:p></table:table-cell>) : "<table:table-cell><text:p>#{value}</text:p></table:table-cell>" }
    table = [ [ "", "Quay" ], *rows ].map { |row| "<table:table-row>#{row.map(&cell).join}</table:table-row>" }.join
    content = %(<office:document-content #{Decks::ODF} xmlns:chart="urn:c"><office:automatic-styles><style:style style:name="b" style:family="chart"><style:graphic-properties draw:fill-color="#1d7758" svg:stroke-color="#1d7758"/></style:style><style:style style:name="p" style:family="chart"><style:chart-properties #{plot}/></style:style><style:style style:name="x" style:family="chart"><style:text-properties fo:color="#ffffff"/></style:style>#{looks}</office:automatic-styles><office:body><office:chart><chart:chart chart:class="chart:#{klass}" #{said}><chart:title><text:p>High water</text:p></chart:title><chart:plot-area chart:style-name="p">#{plot_at}<chart:axis chart:dimension="x" chart:style-name="x">#{axis}#{%(<chart:categories table:cell-range-address="local-table.$A$2:.$A$#{rows.size + 1}"/>) if categories}</chart:axis><chart:series chart:style-name="b" chart:values-cell-range-address="local-table.$B$2:.$B$#{rows.size + 1}" chart:label-cell-address="local-table.$B$1"><chart:data-point chart:repeated="#{rows.size}"/></chart:series></chart:plot-area><table:table>#{table}</table:table></chart:chart></office:chart></office:body></office:document-content>)
    odp_slide('<draw:frame svg:x="0pt" svg:y="0pt" svg:width="300pt" svg:height="200pt"><draw:object xlink:href="./Object 1"/></draw:frame>', parts: { "Object 1/content.xml" => content })
  end

  def test_charts_of_opendocument_are_drawn_from_their_table
    bars = chart("bar")
    assert_equal [ [], 2, %w[#1d7758] ], [ bars.missing, bars.items.count { |item| item["kind"] == "rectangle" }, bars.items.select { |item| item["kind"] == "rectangle" }.map { |item| item["fill"] }.uniq ]
    words = bars.items.select { |item| item["kind"] == "text" }
    assert_equal [ "High water", true, "#ffffff" ], [ words[0]["text"], (%w[Mon Tue] - words.map { |item| item["text"] }).empty?, words[0]["colour"] ]
    lying = chart("bar", plot: 'chart:vertical="true"').items.select { |item| item["kind"] == "rectangle" }
    assert_equal 1, lying.map { |item| item["x"] }.uniq.size
    assert_equal 2, chart("circle").items.count { |item| item["kind"] == "polygon" }
    assert_equal %w[object], chart("scatter").missing
    ground = '<style:style style:name="g" style:family="chart"><style:chart-properties style:rotation-angle="45"/><style:graphic-properties draw:fill="solid" draw:fill-color="#f7dfa6"/></style:style>'
    euros = '<style:style style:name="g" style:family="chart" style:data-style-name="n"/><number:currency-style xmlns:number="urn:n" style:name="n"><number:number number:decimal-places="2" number:grouping="true"/><number:text> €</number:text></number:currency-style>'
    boats = chart("bar", axis: '</chart:axis><chart:axis chart:dimension="y" chart:style-name="g">', looks: euros, rows: [ [ "Mon", 2000 ] ], categories: false)
    assert_includes boats.items.filter_map { |item| item["text"] }, "2,000.00 €"
    placed = chart("bar", said: 'svg:width="300pt" svg:height="200pt"', plot_at: '<x:coordinate-region xmlns:x="urn:x" svg:x="150pt" svg:y="20pt" svg:width="120pt" svg:height="100pt"/>')
    assert_operator placed.items.select { |item| item["kind"] == "rectangle" }.map { |item| item["x"] }.min, :>, 150 * 1_600 / 400.0
    named = chart("bar", said: 'chart:style-name="g"', axis: "<chart:title><text:p>Day</text:p></chart:title>", looks: ground).items
    assert_equal [ "#f7dfa6", "Day" ], [ named.first["fill"], named.find { |item| item["text"] == "Day" }&.fetch("text") ]
    assert_equal %w[object], chart("bar", rows: [ [ "Mon", "much" ] ]).missing
  end
end
