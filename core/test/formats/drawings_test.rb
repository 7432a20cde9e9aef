require "core_test"
require "nokogiri"
require "zlib"

# Drawings that other programs made, in the ways they make them.
class DrawingsTest < CoreTest
  Svg = Usher::Formats::Svg
  SPACES = 'xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"'.freeze

  def svg(inside, head = 'width="40" height="30"') = %(<svg #{SPACES} #{head}>#{inside}</svg>)
  def read(inside, head = 'width="40" height="30"') = Svg::Reader.read(svg(inside, head))
  def root(inside) = Nokogiri::XML(read(inside).svg).remove_namespaces!.root
  # A page of a PDF with this on it, as poppler draws it.
  def page(inside) = Usher::Formats::Tool.run("pdftocairo", "-svg", "-", "-", input: Usher::Formats::Pdf::Writer.write([ svg(inside, 'width="90" height="40"') ])).force_encoding("UTF-8")
  def looks(inside, name = "fill") = root(inside).xpath("//rect").map { |rect| rect[name] }

  def test_styles_hold_by_the_cascade
    sheet = "<style>rect{fill:red;stroke-width:2px} .deep > rect { fill: #00f } #own{fill:lime} .loud{fill:navy !important} rect:hover{fill:pink} @media print{rect{fill:grey}} @import 'x.css';</style>"
    assert_equal %w[red blue #00f lime navy], looks(%(#{sheet}<rect fill="white"/><rect style="fill: blue"/><g class="deep"><rect/></g><rect id="own" class="deep"/><rect class="loud" style="fill:blue"/>))
    assert_equal [ "2px" ], looks("#{sheet}<rect/>", "stroke-width")
    assert_equal [ nil ], looks('<style type="text/x-other">rect{fill:red}</style><rect/>')
    assert_equal [ "url(#a)" ], looks("<style>rect{fill:url(#a)}</style><rect/>")
    assert_equal [ nil, nil ], looks('<style>.a{fill:url(http://x/y#a)}</style><rect class="a"/><rect style="fill:url(x.svg#a)"/>')
    text = root('<text style="font: italic bold 12px/14px Andika, serif">Tide</text><path style="marker:url(#m)" d="M0 0L9 9"/><g style="transform:translate(3px,4px)"/>')
    assert_equal [ "italic", "bold", "12px", "Andika, serif" ], %w[font-style font-weight font-size font-family].map { |name| text.at("text")[name] }
    assert_equal [ "url(#m)", "translate(3,4)" ], [ text.at("path")["marker-end"], text.at("g")["transform"] ]
    refute_match(/style|class/, read("#{sheet}<rect class='a' style='fill:red'/>").svg)
  end

  def test_of_a_switch_the_first_branch_that_asks_for_nothing_foreign
    inside = '<switch><foreignObject requiredExtensions="http://x"/><g requiredExtensions="x"><rect fill="red"/></g><g systemLanguage="de"><rect fill="blue"/></g><g systemLanguage="en-GB, fr"><rect fill="lime"/></g><g><rect fill="white"/></g></switch>'
    assert_equal [ "lime" ], looks(inside)
    assert_empty looks('<switch><g systemLanguage="de"><rect/></g></switch>')
  end

  # The same letters in a font that the drawing brings, under a name of its own, and in the shipped one it was made from.
  def test_letters_of_a_font_of_its_own_become_outlines
    bold = Usher::Text::Faces::FAMILIES["title"].path(bold: true, italic: false)
    face = ->(look, path = bold) { %(<style>@font-face{font-family:"Gull &amp; own";#{look}src:url(data:font/ttf;base64,#{[ File.binread(path) ].pack('m0')}) format("truetype")}</style>) }
    words = ->(family, more = "") { %(<text x="2" y="25" font-size="20" font-family="#{family}" #{more}>Tide</text>) }
    own, shipped = svg(face.("") + words.("'Gull &amp; own'")), svg(words.("Bricolage Grotesque", 'font-weight="bold"'))
    drawn = Svg::Reader.read(Svg::OwnFonts.outlined(own))
    assert_equal [ 40.0, 30.0, false, true ], [ drawn.width, drawn.height, drawn.svg.include?("<text"), drawn.svg.include?("<path") ]
    assert_equal outlines(shipped), paths(drawn.svg)
    refute_equal outlines(shipped), outlines(own)
    slanted = svg(face.("font-weight:400;font-style:italic;") + face.("", Usher::Text::Faces::FAMILIES["hand"].path(bold: false, italic: false)) + words.("'Gull &amp; own'", 'font-style="italic"'))
    assert_equal outlines(shipped), paths(Svg::OwnFonts.outlined(slanted))
  end

  def test_a_font_that_is_none_leaves_the_drawing_as_it_is
    [ '<style>@font-face{font-family:Gull;src:url(data:font/ttf;base64,AAAA)}</style><text font-family="Gull">Tide</text>', '<style>@font-face{font-family:Gull;src:url(http://x/y.ttf)}</style><text>Tide</text>', "<style>@font-face{" ].each do |inside|
      assert_equal svg(inside), Svg::OwnFonts.outlined(svg(inside))
    end
    broken = svg(%(<style>@font-face{font-family:Gull;src:url("data:;base64,#{[ "\0\1\0\0#{'x' * 400}" ].pack('m0')}")}</style><text font-family="Gull">Tide</text>))
    assert_includes Svg::OwnFonts.outlined(broken), "<svg"
    assert_raises(Svg::Reader::TooMuch) { Svg::OwnFonts.outlined(svg(" " * 20_000_001)) }
  end

  # As fonts come from the web.
  def test_packed_fonts_are_unpacked
    path = Usher::Text::Faces::FAMILIES["title"].path(bold: true, italic: false)
    plain, woff = File.binread(path), woff(File.binread(path))
    assert_equal plain.bytesize, Usher::Formats::PackedFont.unpacked(woff).bytesize
    assert_equal tables(plain), tables(Usher::Formats::PackedFont.unpacked(woff))
    assert_equal [ plain, nil, nil, nil ], [ plain, "GIF89a", woff[0, 400], woff.sub(woff[44 + 12, 4], [ 40_000_000 ].pack("N")) ].map { |bytes| Usher::Formats::PackedFont.unpacked(bytes) }
    assert_nil Usher::Formats::PackedFont.unpacked("wOF2".b + "\0" * 400)
    web = Dir[File.expand_path("../../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/*latin-wght-normal.woff2", __dir__)].first
    assert_operator tables(Usher::Formats::PackedFont.unpacked(File.binread(web))).keys, :include?, "glyf"
    drawn = Svg::OwnFonts.outlined(svg(%(<style>@font-face{font-family:Gull;src:url(data:font/woff;base64,#{[ woff ].pack('m0')})}</style><text x="2" y="25" font-size="20" font-family="Gull">Tide</text>)))
    assert_equal outlines(svg('<text x="2" y="25" font-size="20" font-family="Bricolage Grotesque" font-weight="bold">Tide</text>')), paths(drawn)
  end

  # name => bytes of each table
  def tables(font) = Array.new(font[4, 2].unpack1("n")) { |n| font[12 + n * 16, 16].unpack("a4N3") }.to_h { |name, _, at, length| [ name, font[at, length] ] }

  # WOFF 1.0 of a font, its tables packed where that makes them smaller.
  def woff(font)
    at = 44 + 20 * tables(font).size
    entries = tables(font).map do |name, data|
      packed = [ Zlib::Deflate.deflate(data), data ].min_by(&:bytesize)
      [ [ name, at, packed.bytesize, data.bytesize, 0 ].pack("a4N4"), packed + "\0" * (-packed.bytesize % 4) ].tap { |_, bytes| at += bytes.bytesize }
    end
    "wOFF".b + font[0, 4] + [ at, entries.size, 0, font.bytesize ].pack("NnnN") + "\0" * 24 + entries.transpose.join
  end

  def outlines(drawing) = paths(Usher::Formats::Rsvg.run("-f", "svg", input: drawing))
  def paths(drawing) = Nokogiri::XML(drawing).remove_namespaces!.xpath("//path").map { |path| path["d"].strip }

  def test_what_renderers_draw_stays
    inside = '<defs><pattern id="p" patternUnits="userSpaceOnUse" width="4" height="4"><rect width="2" height="2"/></pattern><filter id="f"><feGaussianBlur stdDeviation="2"/><feColorMatrix type="matrix" values="0 0 0 0 1"/></filter><marker id="m" orient="auto"><path d="M0 0"/></marker></defs><g color="red" display="none" visibility="hidden"><path fill="url(#p)" filter="url(#f)" marker-mid="url(#m)" vector-effect="non-scaling-stroke"/></g>'
    kept = read(inside).svg
    %w[<pattern patternUnits= feGaussianBlur stdDeviation="2" feColorMatrix values= <marker orient= marker-mid= display="none" visibility= color="red" vector-effect].each { |part| assert_includes kept, part }
    text = root('<text xml:space="preserve">a  <a xlink:href="http://x"><tspan>b</tspan></a></text>')
    assert_equal [ "a  b", "tspan", "preserve" ], [ text.text.strip, text.at("text").element_children.first.name, text.at("text")["space"] ]
    assert_empty read('<filter id="f"><feTurbulence numOctaves="50"/><feMorphology radius="1e9"/></filter>').svg.scan(/numOctaves|radius/)
  end

  def test_what_belongs_to_other_vocabularies_goes
    clean = Svg::Reader.read(%(<s:svg xmlns:s="http://www.w3.org/2000/svg" xmlns:i="http://elsewhere.example/i" width="9" height="9"><s:rect i:cx="4" cx="5" width="9"/><i:rect width="3"/></s:svg>))
    assert_equal 1, clean.svg.scan("<rect").size
    assert_equal [ 'cx="5"' ], clean.svg.scan(/cx="\d"/)
  end

  def test_what_was_left_out_is_said
    assert_equal [ "a script", "2 pictures from elsewhere", "a movement" ], read('<script>1</script><image href="http://x/y.png"/><image href="boat.png"/><rect><animate/></rect>').dropped
    assert_empty read("<rect/><metadata/><title>x</title>").dropped
  end

  def test_pictures_inside_are_known_by_their_bytes
    dot = Usher::Formats::Png::Writer.write(svg('<rect width="4" height="4"/>', 'width="4" height="4"'), width: 4)
    kept = ->(address) { root(%(<image xlink:href="#{address}"/>)).at("image")&.[]("href") }
    assert_match(%r{\Adata:image/png;base64,}, kept.("data:;base64,#{[ dot ].pack('m')}"))
    assert_match(%r{\Adata:image/png;base64,}, kept.("data:image/jpeg;base64,#{[ dot ].pack('m0')}"))
    assert_nil kept.("data:image/png;base64,#{[ '<script/>' ].pack('m0')}")
    inner = kept.("data:image/svg+xml;base64,#{[ svg('<script>1</script><rect/>') ].pack('m0')}").split(",").last.unpack1("m")
    assert_includes inner, "<rect"
    refute_includes inner, "script"
    deep = (1..4).inject(svg("<rect/>")) { |drawing, _| svg(%(<image href="data:image/svg+xml;base64,#{[ drawing ].pack('m0')}"/>)) }
    assert Svg::Reader.read(deep)
  end

  def test_entities_that_are_words_are_put_in_their_place
    doctype = ->(inside) { %(<?xml version="1.0"?><!-- by hand --><!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://x" [#{inside}]>) }
    clean = Svg::Reader.read(doctype.('<!ENTITY ns_svg "http://www.w3.org/2000/svg"><!ENTITY c "#f00">') + '<svg xmlns="&ns_svg;" width="9" height="9"><rect fill="&c;"/></svg>')
    assert_includes clean.svg, 'fill="#f00"'
    refute_match(/ENTITY|DOCTYPE/, clean.svg)
    assert_invalid(/within entities/) { Svg::Reader.read(doctype.('<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">') + svg("&b;")) }
    assert_invalid(/does not open/) { Svg::Reader.read(doctype.('<!ENTITY % a SYSTEM "http://x">%a;') + svg("")) }
    refute_match(/root:/, Svg::Reader.read(doctype.('<!ENTITY a SYSTEM "file:///etc/passwd">') + svg("<text>&a;</text>")).svg)
    assert_raises(Svg::Reader::TooMuch, Usher::Invalid) { Svg::Reader.read(doctype.(%(<!ENTITY a "#{'a' * 50_000}">)) + svg("&a;" * 1_000)) }
  end

  def test_any_encoding_packed_or_not
    words = svg("<text>Ebbe für Lästige</text>")
    [ words, "\xEF\xBB\xBF".b + words.b, "\uFEFF#{words}".encode("UTF-16LE").b, %(<?xml version="1.0" encoding="ISO-8859-1"?>#{words}).encode("ISO-8859-1").b, Zlib.gzip(words) ].each do |bytes|
      assert_includes Svg::Reader.read(bytes).svg, "für Lästige"
    end
    [ "\xFF\xFE\x00".b, %(<?xml encoding="none-such"?><svg/>), Zlib.gzip("x" * 9)[0, 12], words.b.sub("ü".b, "\xFC".b), "" ].each { |bytes| assert_invalid { Svg::Reader.read(bytes) } }
    assert_raises(Svg::Reader::TooMuch) { Svg::Reader.read(Zlib.gzip(svg(" " * 3_000_000))) }
  end

  # Each of these would take minutes where every place in it was looked at anew.
  def test_long_words_are_read_once_and_too_many_rules_are_not_followed
    long = "1" * 500_000
    [ %(<rect style="#{'a' * 500_000}"/>), %(<rect style="font:#{long}"/>), %(<marker id="m"/><path marker-mid="url(#m)" d="M0 0 #{long}"/>), "<style>rect{fill:#{long}}</style><rect/>" ].each do |inside|
      assert read(inside)
    end
    assert_raises(Svg::Reader::TooMuch) { read("<style>#{'rect{fill:red}' * 2_000}</style>#{'<rect/>' * 2_000}") }
    assert_raises(Svg::Reader::TooMuch) { read("<style>#{'g > rect{fill:red}' * 200}</style><rect/>") }
  end

  def test_parts_mix_with_what_is_behind_them_as_they_are_said_to
    mixed = ->(part, head = "") { Nokogiri::XML(read(%(#{head}<rect #{part}/>)).svg).at_css("rect").to_h }
    multiplied = { "style" => "mix-blend-mode:multiply" }
    assert_equal multiplied, mixed.('style="mix-blend-mode: multiply"')
    assert_equal multiplied, mixed.('class="a"', "<style>.a { mix-blend-mode: multiply }</style>")
    %w[mix-blend-mode:url(#a) mix-blend-mode:normal mix-blend-mode:multiply/**/;x].each { |said| assert_empty mixed.(%(style="#{said}")), said }
  end

  def test_a_drawing_in_a_page_mixes_with_nothing_else_of_it
    inlined = ->(part) { Svg::Inlined.draw('<image width="40" height="30" href="x"/>', Svg::Inlined::DATA + [ read(part).svg ].pack("m0"), "d0-") }
    assert_equal "isolation:isolate", Nokogiri::XML(inlined.('<rect style="mix-blend-mode:multiply"/>')).root["style"]
    refute_includes inlined.("<rect/>"), "style"
  end

  def test_what_is_marked_on_a_page_of_text_hides_no_words
    words, marked = '<rect x="10" y="5" width="20" height="20"/>', '<rect width="60" height="40" fill="#ff0" style="mix-blend-mode:multiply"/>'
    mixed = ->(svg) { Nokogiri::XML(svg).css("[style*=blend]").map { |node| [ node.name, node["style"] ] } }
    multiplied = ->(*names) { names.map { |name| [ name, "mix-blend-mode:multiply" ] } }
    whole = Usher::Formats::Pdf::Blends.read(page(words + marked))
    assert_equal multiplied.("g", "use"), mixed.(Svg::Reader.read(whole).svg), "the clip mixes: it would keep what is in it to itself"
    text = ->(blend) { Usher::Formats::Pdf::Blends.read(page(words).sub("fill:rgb", "comp-op:#{blend};fill:rgb")) }
    [ Svg::TextPage, Svg::Reader ].each { |reader| assert_equal multiplied.("path"), mixed.(reader.read(text.("multiply"), largest: 100_000).svg) }
    assert_empty mixed.(Svg::TextPage.read(text.("xor"), largest: 100_000).svg), "what browsers do not know"
  end

  def test_how_large_it_is
    size = ->(head, inside = "") { read(inside, head).then { |clean| [ clean.width, clean.height, Nokogiri::XML(clean.svg).root["viewBox"] ] } }
    assert_equal [ 50.0, 20.0, "0 0 50 20" ], size.('viewBox="0 0 50 20"')
    assert_equal [ 100.0, 40.0, "0 0 50 20" ], size.('viewBox="0 0 50 20" width="100"')
    assert_equal [ 100.0, 40.0, "0 0 50 20" ], size.('viewBox="0 0 50 20" height="40px" width="100%"')
    assert_equal [ 192.0, 96.0 ], size.('width="2in" height="72pt"').first(2)
    assert_equal [ 10_000.0, 5_000.0, "0 0 300000 150000" ], size.('viewBox="0 0 300000 150000"')
    assert_equal [ 1.0, 0.5 ], size.('viewBox="0 0 .2 .1"').first(2)
    wide, high, = size.("", '<rect x="20" y="10" width="60" height="40"/>')
    assert_in_delta 80, wide, 1.5
    assert_in_delta 50, high, 1.5
    assert_invalid { read("", 'width="nothing"') }
  end

  def test_patterns_markers_and_filters_count_as_what_they_draw
    size = ->(inside) { Svg::Unfolding.new(Nokogiri::XML(svg(inside)).root).size }
    assert_equal 1 + 2 * (1 + 3), size.('<pattern id="p"><rect/><rect/></pattern><rect fill="url(#p)"/><rect stroke="url(#p)"/>')
    assert_equal 2, size.('<pattern id="p"><rect/><rect fill="url(#p)"/></pattern><rect/>')
    assert_operator size.(%(<marker id="m">#{'<rect/>' * 50}</marker><path marker-mid="url(#m)" d="M0 0#{'L1 1' * 500}"/>)), :>, 25_000
    assert_operator size.('<filter id="f"><feFlood/><feFlood/></filter><rect filter="url(#f)"/>'), :>, 40
    nested = (1..12).map { |level| %(<pattern id="p#{level}">#{%(<rect fill="url(#p#{level - 1})"/>) * 10}</pattern>) }.join
    assert_raises(Svg::Reader::TooMuch) { read(%(#{nested}<rect fill="url(#p12)"/>)) }
  end

  def test_pages_of_text_are_read_at_once_and_alike
    page = page('<text x="2" y="20" font-size="9">Ebb &amp; flow</text><rect width="3" height="3"/>')
    read = Svg::TextPage.read(page, largest: 100_000)
    other = Svg::Reader.read(page)
    assert_equal [ other.width, other.height ], [ read.width, read.height ]
    drawn = [ read, other ].map { |one| Usher::Formats::Png::Writer.write(one.svg, width: 300) }
    assert_equal(*drawn)
    refute_match(/style|xlink/, read.svg)
    nil_for = ->(text) { assert_nil Svg::TextPage.read(text, largest: 100_000), text[0, 400] }
    nil_for.(page.sub("<g", '<g onclick="x()"'))
    nil_for.(page.sub("<g", "<script>1</script><g"))
    nil_for.(page.sub("<g", '<a xlink:href="javascript:1"><g/></a><g'))
    nil_for.(page.sub(/<use[^>]*>/, '<use xlink:href="http://x#glyph0"/>'))
    nil_for.(page.sub(/<use[^>]*>/, '<use xlink:href="#surface1"/>'))
    nil_for.(page.sub("<path", '<path fill="url(http://x#a)"'))
    nil_for.(page.sub(%r{</svg>\s*\z}, ""))
    nil_for.(page.sub("</g>", "</g></g><g>"))
    nil_for.(page.sub("</symbol>", '<use xlink:href="#glyph0-1"/></symbol>'))
    assert_nil Svg::TextPage.read(page, largest: 10)
  end
end
