require "test_helper"

class PicturesTest < ActionDispatch::IntegrationTest
  setup { sign_in(@owner = teacher) }

  test "pictures are known by their content, not their name" do
    bring(png, "notes.txt")
    assert_response :success
    assert_equal [ 8.0, 6.0 ], answer.values_at("width", "height")
    get picture_path(answer["picture"])
    assert_equal "image/png", response.media_type
    assert_equal "default-src 'none'; sandbox", response.headers["Content-Security-Policy"]
    assert_equal "nosniff", response.headers["X-Content-Type-Options"]
  end

  test "large photos are made smaller and lose their notes, clear ones stay clear" do
    photo = Vips::Image.black(4000, 2000, bands: 3).copy.mutate { |image| image.set_type!(GObject::GSTR_TYPE, "exif-ifd0-Make", "Secret camera") }
    bring(photo.jpegsave_buffer, "cliff.jpg")
    assert_equal [ 2400.0, 1200.0 ], answer.values_at("width", "height")
    assert_not_includes Picture.last.file.download, "Secret"
    bring(Vips::Image.black(9, 9, bands: 4).copy(interpretation: :srgb).pngsave_buffer)
    assert_equal "image/png", Picture.last.content_type
  end

  test "signs of few dots stay sharp however large they are shown; photos of few more are as they came" do
    dots = Vips::Image.gaussnoise(21, 15, sigma: 90, mean: 120).cast(:uchar).copy(interpretation: :"b-w")
    kept = lambda do |bytes|
      bring(bytes)
      assert_response :success
      picture = Picture.last
      [ picture.width, picture.height, Vips::Image.new_from_buffer(picture.file.download, "") ]
    end
    width, height, image = kept.(dots.pngsave_buffer)
    assert_equal [ 21, 15, 21 * 24, 15 * 24 ], [ width, height, image.width, image.height ], "it is laid as large as before"
    assert_equal dots.getpoint(7, 4)[0], image.getpoint(7 * 24 + 23, 4 * 24)[0], "each dot is a square"
    assert_equal [ 21, 15 ], kept.(dots.pngsave_buffer).first(2)
    assert_equal 20 * 25, kept.(dots.crop(0, 0, 20, 15).colourspace(:cmyk).jpegsave_buffer).last.width, "also of a printer's colours"
    assert_equal [ 42, 42 ], kept.(dots.zoom(2, 2).jpegsave_buffer).values_at(0, 2).map { |one| one.is_a?(Vips::Image) ? one.width : one.to_i }
    assert_equal 84, kept.(dots.zoom(4, 4).pngsave_buffer).last.width
    assert_equal "image/png", kept.(dots.bandjoin([ dots, dots, dots ]).copy(interpretation: :srgb).pngsave_buffer).then { Picture.last.content_type }
  end

  test "drawings are cleaned" do
    bring('<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><script>alert(1)</script><rect onclick="x()" width="9" height="9"/></svg>')
    assert_response :success
    assert_no_match(/script|onclick/, Picture.last.file.download)
  end

  test "a PNG may lack its last chunk, as long as all its dots are there" do
    whole = Vips::Image.gaussnoise(90, 60, sigma: 90, mean: 120).cast(:uchar).pngsave_buffer(strip: true)
    { whole[0...-12] => :success, whole[0, whole.bytesize / 2] => :unprocessable_entity, whole[0...-200] => :unprocessable_entity }.each do |bytes, status|
      bring(bytes)
      assert_response status
    end
  end

  test "a drawing may have letters of any script in it, and be marked as UTF-8" do
    [ "", "\u{FEFF}" ].each do |mark|
      bring(%(#{mark}<?xml version="1.0" encoding="UTF-8"?><svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><title>Möwe – Πλοίο</title><rect width="9" height="9"/></svg>))
      assert_response :success, mark.inspect
      assert_includes Picture.last.file.download.force_encoding("UTF-8"), "Möwe – Πλοίο"
    end
  end

  test "a drawing keeps the letters of a font that it brings, and nothing else of it" do
    font = [ File.binread(Usher::Text::Faces::FAMILIES["title"].path(bold: true, italic: false)) ].pack("m0")
    bring(%(<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><script>alert(1)</script><style>@font-face{font-family:Gull;src:url(data:font/ttf;base64,#{font})}</style><text x="2" y="25" font-size="20" font-family="Gull">Tide</text></svg>))
    assert_response :success
    kept = Picture.last
    assert_equal [ "image/svg+xml", 40.0, 30.0 ], [ kept.content_type, kept.width, kept.height ]
    assert_match(/a script/, answer["said"])
    assert_no_match(/script|font|<text/, kept.file.download)
  end

  test "what is no picture is refused in a sentence" do
    bomb = '<!DOCTYPE svg [<!ENTITY b "aa"><!ENTITY a "&b;&b;">]><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1 1">&a;</svg>'
    { "plain words" => /not a picture/, "%PDF-1.4 x" => /not a picture/, "<html><script>1</script></html>" => /not a picture/, bomb => /entities/,
      png[0, 40] => /broken|not a picture/, "\x89PNG\r\n\x1a\n<svg onload=x>" => /broken/, "" => /empty/,
      Vips::Image.black(9000, 9000).pngsave_buffer => /too many pixels/ }.each do |bytes, words|
      bring(bytes)
      assert_response :unprocessable_entity, bytes[0, 20].inspect
      assert_match words, answer["error"]
    end
    post pictures_path, params: { file: "text" }, headers: { "Accept" => "application/json" }
    assert_response :unprocessable_entity
    assert_equal 0, Picture.count
  end

  test "a file that is too large is refused by its size" do
    bring(png.ljust(Picture::Intake::MAX_BYTES + 1, "x"))
    assert_match(/larger than 20 MB/, answer["error"])
  end

  test "names lose what could mislead" do
    bring(svg, "../\u202Egpj.exe\u0000.svg")
    assert_response :success
    assert_no_match(%r{[/\u202e\u0000]}, Picture.last.name)
  end

  private

  def bring(bytes, name = "boat.svg")
    post pictures_path, params: { file: upload(bytes, name) }, headers: { "Accept" => "application/json" }
  end
end
