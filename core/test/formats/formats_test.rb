require "core_test"
require "open3"

class FormatsTest < CoreTest
  Reader = Usher::Formats::Svg::Reader

  def test_a_lesson_prints_with_one_page_each_and_text_that_reads_back
    pages = %w[Neap Spring].map do |word|
      placed = Usher::Page::Placed.new(item("text", text: "#{word} tide at Gull Point", width: 900), 1)
      Usher::Page::Drawing.document(Usher::Page::Style::DEFAULTS, [ Usher::Page::Drawing.item(placed, 1) ])
    end
    pdf = Usher::Formats::Pdf::Writer.write(pages)
    text, = Open3.capture2("pdftotext", "-layout", "-", "-", stdin_data: pdf, binmode: true)
    assert_equal [ "Neap tide at Gull Point", "Spring tide at Gull Point" ], text.split("\f").map(&:strip).reject(&:empty?)
    fonts, = Open3.capture2("pdffonts", "-", stdin_data: pdf, binmode: true)
    assert_includes fonts, "Atkinson"
    assert_invalid { Usher::Formats::Pdf::Writer.write([]) }
  end

  def test_hostile_drawings_are_made_harmless
    hostile = <<~SVG
      <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 40 30" onload="alert(1)">
        <script>alert(2)</script><style>@import url(http://out.side/x.css)</style><!-- note -->
        <a href="javascript:alert(3)"><rect width="9" height="9"/></a>
        <foreignObject><body xmlns="http://www.w3.org/1999/xhtml" onclick="x()">hi</body></foreignObject>
        <image href="http://out.side/track.png" width="5" height="5"/>
        <use href="http://out.side/a.svg#b"/><use xlink:href="#ok"/>
        <rect id="ok" width="40" height="30" fill="url(http://out.side/f)" stroke="url(#ok)" style="fill:red" onclick="alert(4)"/>
        <animate attributeName="href" to="javascript:alert(5)"/>
      </svg>
    SVG
    clean = Reader.read(hostile)
    refute_match(/script|alert|out\.side|foreign|onclick|onload|style|image|animate|<a\b|note/, clean.svg)
    assert_includes clean.svg, 'id="ok"'
    assert_includes clean.svg, "url(#ok)"
    assert_equal [ 40.0, 30.0 ], [ clean.width, clean.height ]
    assert_equal Reader::NAMESPACE, Nokogiri::XML(clean.svg) { |config| config.strict }.root.namespace.href
    assert_equal 5.0, Reader.read('<svg width="5" height="5"><path d="M0 0"/></svg>').width
  end

  def test_pictures_from_outside_are_drawn_on_paper_too
    red = Reader.read('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><rect width="10" height="10" fill="#ff0000"/></svg>').svg
    placed = Usher::Page::Placed.new(item("picture", x: 0, y: 0, width: 1600, height: 900), 1)
    page = Usher::Page::Drawing.document(Usher::Page::Style::DEFAULTS, [ Usher::Page::Drawing.item(placed, 1) ]) { "data:image/svg+xml;base64,#{[ red ].pack('m0')}" }
    png = Usher::Formats::Png::Writer.write(page, width: 16)
    colours, = Open3.capture2("ffmpeg", "-loglevel", "error", "-i", "pipe:0", "-f", "rawvideo", "-pix_fmt", "rgb24", "pipe:1", stdin_data: png, binmode: true)
    assert_equal [ 255, 0, 0 ], colours.bytes[(16 * 4 + 8) * 3, 3]
  end

  def test_what_is_not_a_drawing_is_refused
    bomb = "<!DOCTYPE svg [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><svg xmlns=\"http://www.w3.org/2000/svg\">&b;</svg>"
    [ bomb, "<html></html>", "", "GIF89a", "\xff\xfe", "<svg/>", "<svg viewBox='0 0 0 0'/>", "<svg>#{'<g/>' * 20_001}</svg>", "<svg viewBox='0 0 9 9'>#{'<g>' * 2_000}", "x" * 2_000_001 ].each do |bytes|
      assert_invalid { Reader.read(bytes) }
    end
  end
end
