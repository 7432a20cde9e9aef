require "test_helper"

# Drawings from outside, as pictures of the store room.
class DrawingsTakenInTest < ActiveSupport::TestCase
  def svg(inside) = %(<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30">#{inside}</svg>)
  def take_in(bytes, name = "boat.svg") = teacher.assets.take_in(upload(bytes, name)).picture

  test "a drawing stays one, and what was left out for safety is said" do
    boat = take_in(svg('<style>.a{fill:teal}</style><script>1</script><rect class="a" width="20" height="20"/>'))
    assert_equal [ "image/svg+xml", "Left out of that drawing, for safety: a script." ], [ boat.content_type, boat.left_out ]
    assert_match(/fill="teal"/, boat.file.download)
    assert_nil take_in(svg('<rect width="9" height="9"/>')).left_out
    mixed = take_in(svg('<rect width="40" height="30" fill="#c33"/><rect width="40" height="30" fill="#3c3" style="mix-blend-mode:difference"/>'))
    assert_equal "image/svg+xml", mixed.content_type
  end

  test "what would look different, or is too much for a drawing, is kept as dots" do
    apart = take_in(svg('<rect width="40" height="30" fill="#c33"/><g style="isolation:isolate"><rect width="40" height="30" fill="#3c3" style="mix-blend-mode:difference"/></g>'))
    many = take_in(svg('<path d="M1 1h9v9z"/>' * 25_000))
    [ apart, many ].each { |picture| assert_equal [ "image/png", 1_600.0 ], [ picture.content_type, picture.width ] }
  end

  test "a drawing that cannot be drawn large is kept as it is" do
    words = take_in('<svg xmlns="http://www.w3.org/2000/svg"><style>*{fill:blue;}</style><text style="font-family:Sans;"><tspan>Ebb</tspan></text></svg>')
    assert_equal "image/svg+xml", words.content_type
  end

  test "half a photo is refused, a whole one is taken" do
    noise = Vips::Image.gaussnoise(400, 300).cast(:uchar)
    { "jpg" => noise.jpegsave_buffer, "png" => noise.pngsave_buffer, "webp" => noise.webpsave_buffer }.each do |ending, bytes|
      assert_equal 400, take_in(bytes, "boat.#{ending}").width
      assert_match(/broken/, assert_raises(Usher::Invalid, ending) { take_in(bytes[0, bytes.bytesize / 2], "boat.#{ending}") }.message)
    end
  end

  test "packed drawings are drawings, other packed files are archives" do
    assert_equal "image/svg+xml", take_in(Zlib.gzip(svg('<rect width="9" height="9"/>')), "boat.svgz").content_type
    assert_match(/archive/, assert_raises(Usher::Invalid) { take_in(Zlib.gzip("tides"), "tides.gz") }.message)
    assert_raises(Usher::Invalid) { take_in(Zlib.gzip("tides"), "tides.svgz") }
  end
end
