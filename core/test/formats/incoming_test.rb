require "core_test"
require "tempfile"
require "zip"

# What is read from files that somebody made elsewhere.
class IncomingTest < CoreTest
  Formats = Usher::Formats
  RED = "\x89PNG\r\n\x1A\n\0\0\0\rIHDR".b

  def test_a_paper_becomes_a_drawing_with_its_words_where_they_stand
    reading(pdf("High tide at noon", "Ebb")) do |reader|
      assert_equal 2, reader.count
      sheet = reader.sheet(1)
      assert_equal "image/svg+xml", sheet.type
      left, top, width, height, words = sheet.lines.fetch(0)
      assert_equal "High tide at noon", words
      assert_in_delta 100 / 1600.0, left, 0.01
      assert_in_delta 0.279, top + height * 0.75, 0.03 # the page lies in the middle of a sheet of A4
      assert_operator width, :>, height
      assert_invalid(/no page 3/) { reader.sheet(3) }
      assert_equal "\xFF\xD8".b, reader.preview[0, 2]
    end
  end

  def test_a_paper_with_printers_marks_is_what_lies_within_them
    whole = pdf("Ebb and flow")
    wide, high = whole[%r{/MediaBox \[([^\]]*)}, 1].split.map(&:to_f).last(2)
    cropped = whole.sub(%r{/MediaBox \[[^\]]*\]}) { |box| "#{box} /CropBox [ 20 30 #{wide} #{high} ]" }
    left, top = reading(whole) { |reader| reader.sheet(1).lines.first }
    place = [ (left * wide - 20) / (wide - 20), top * high / (high - 30) ]
    reading(cropped) do |reader|
      [ reader.sheet(1), reader.dotted(1, reader.sheet(1).lines) ].each do |sheet|
        assert_in_delta (wide - 20) / (high - 30), sheet.width / sheet.height.to_f, 0.002
        place.zip(sheet.lines.first) { |expected, there| assert_in_delta expected, there, 0.001, "the words are where they are seen" }
      end
    end
  end

  def test_photos_inside_a_paper_stay_and_reach_nothing_outside
    dot = Usher::Formats::Png::Writer.write('<svg xmlns="http://www.w3.org/2000/svg" width="4" height="4"><rect width="4" height="4" fill="#f00"/></svg>', width: 4)
    inside = %(<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="data:image/png;base64,#{[ dot ].pack('m0')}" width="9" height="9"/><image href="data:image/svg+xml;base64,PHN2Zy8+"/><image href="data:text/html,x"/></svg>)
    assert_equal 1, Formats::Svg::Reader.read(inside).svg.scan("<image").size
    huge = RED + [ 60_000, 60_000 ].pack("NN")
    refute_includes Formats::Svg::Reader.read(%(<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="data:image/png;base64,#{[ huge ].pack('m0')}"/></svg>)).svg, "<image"
  end

  def test_styles_become_attributes_and_are_looked_at_like_them
    clean = Formats::Svg::Reader.read('<svg xmlns="http://www.w3.org/2000/svg" width="2in" height="72pt"><rect style="fill: #f00; stroke:url(http://x); behavior:url(x); stroke-width:2px" width="9" height="9"/></svg>')
    assert_includes clean.svg, 'fill="#f00"'
    assert_includes clean.svg, 'stroke-width="2px"'
    refute_match(/http:|style|behavior/, clean.svg.sub(Formats::Svg::Reader::NAMESPACE, ""))
    assert_equal [ 192.0, 96.0 ], [ clean.width, clean.height ]
  end

  def test_papers_that_cannot_be_read_are_refused
    [ "%PDF-1.7\nnothing", "", pdf("x")[0, 300] ].each { |bytes| assert_invalid(/broken|no pages/) { reading(bytes) { |reader| reader } } }
  end

  def test_pictures_say_their_size_before_they_are_opened
    assert_equal [ 10_000, 9 ], Formats::Raster.size(RED + [ 10_000, 9 ].pack("NN"))
    assert_nil Formats::Raster.size("Möwe"), "words in any script are no picture"
    assert_equal [ 320, 200 ], Formats::Raster.size("\xFF\xD8\xFF\xE0\x00\x04ab\xFF\xC0\x00\x11\x08\x00\xC8\x01\x40".b)
    [ "", "\xFF\xD8".b, "\xFF\xD8\xFF\xE0\xFF\xFF".b, "GIF89a", RED ].each { |bytes| assert_nil Formats::Raster.size(bytes) }
    jfif = ->(unit, density) { "\xFF\xD8\xFF\xE0\x00\x10JFIF\0\x01\x01".b + [ unit, density ].pack("Cn") }
    assert_in_delta 0.24, Formats::Raster.dot(jfif.(1, 300)), 1e-9, "300 dots of an inch"
    assert_in_delta 72 / 254.0, Formats::Raster.dot(jfif.(2, 100)), 1e-9, "100 of a centimetre"
    assert_in_delta 0.75, Formats::Raster.dot("\x89PNG....pHYs".b + [ 3780, 3780, 1 ].pack("NNC")), 1e-3, "3,780 of a metre"
    [ "", "Möwe", RED, jfif.(0, 1), jfif.(1, 0), jfif.(1, 60_000), jfif.(1, 3)[0, 14], "\x89PNG....pHYs".b, "\x89PNG....pHYs".b + [ 0, 0, 1 ].pack("NNC") ].each { |bytes| assert_nil Formats::Raster.dot(bytes), bytes.inspect }
  end

  def test_archives_are_looked_into_before_anybody_unpacks_them
    archive({ "word/a.xml" => "tide " * 2_000, "word/b.xml" => "ebb" }) { |path| assert_nil Formats::Zip.check(path) }
    archive({ "a" => "0" * 25_000_000 }) { |path| assert_invalid(/unpack to 25 MB/) { Formats::Zip.check(path) } }
    Tempfile.create("zip") { |file| file.write("PK\x03\x04 broken") && file.flush && assert_invalid(/broken/) { Formats::Zip.check(file.path) } }
  end

  def test_embed_code_is_its_first_frame
    read = Formats::Html::Embed.read('<p>Watch</p><iframe src="//tides.example/e" width="90%" height="315px" title="Tides"></iframe>')
    assert_equal [ "https://tides.example/e", "Tides", nil, 315 ], read.to_a
    assert_equal "https://gullpoint.example", Formats::Html::Embed.read(" gullpoint.example ").address
    assert_equal [ 120, 1_500 ], Formats::Html::Embed.read('<embed src="https://a.example" width="5" height="99999">').to_a.last(2)
    [ "", "hello", "<b>x</b>", "<iframe src='javascript:1'>", "<object data='data:text/html,1'>", "mailto:a@b.example" ].each { |code| assert_invalid { Formats::Html::Embed.read(code) } }
  end

  def test_speech_is_made_for_known_voices_only
    bytes = Usher::Speech.speak("High tide", language: "en-gb", speed: 160)
    assert_equal "ftyp", bytes[4, 4]
    assert_operator Usher::Speech.speak("High tide", language: "en-gb", speed: 80).bytesize, :>, bytes.bytesize
    [ [ "x", "xx", 150 ], [ "x", "en-gb", 9 ], [ " ", "de", 150 ], [ "x", "en-gb --pho", 150 ] ].each { |text, language, speed| assert_invalid { Usher::Speech.speak(text, language: language, speed: speed) } }
    assert Usher::Speech.speak("--version; $(id) `id`", language: "de")
  end

  private

  def pdf(*words)
    Formats::Pdf::Writer.write(words.map { |text| %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900" width="1600" height="900" font-family="#{Usher::Text::Faces.family('read')}"><text x="100" y="200" font-size="60">#{text}</text></svg>) })
  end

  def reading(bytes)
    Tempfile.create([ "paper", ".pdf" ]) do |file|
      file.binmode
      file.write(bytes)
      file.flush
      yield Formats::Pdf::Reader.new(file.path)
    end
  end

  def archive(files)
    bytes = ::Zip::OutputStream.write_buffer { |zip| files.each { |name, text| zip.put_next_entry(name) && zip.write(text) } }.string
    Tempfile.create("zip") { |file| file.binmode && file.write(bytes) && file.flush && yield(file.path) }
  end
end
