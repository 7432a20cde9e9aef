require "core_test"

class SharpTest < CoreTest
  Sharp, Raster = Usher::Formats::Sharp, Usher::Formats::Raster

  def test_by_how_much_each_dot_is_enlarged
    png, jpeg = "\x89PNG\r\n\x1A\n".b, "\xFF\xD8\xFF".b
    assert_equal [ 512, 24, 8, nil, nil ], [ [ 1, 1 ], [ 21, 15 ], [ 40, 64 ], [ 65, 1 ], [ 0, 0 ] ].map { |size| Sharp.by(*size, png) }
    assert_equal [ 16, nil ], [ [ 32, 9 ], [ 33, 9 ] ].map { |size| Sharp.by(*size, jpeg) }, "a photo is one with fewer"
  end

  def test_each_dot_becomes_a_square
    large = Sharp.enlarged(dots(10, 6))
    assert_equal [ 510, 306 ], Raster.size(large)
    assert_same large, Sharp.enlarged(dots(10, 6)), "once for all the places where it is shown"
    shown = %(<svg xmlns="http://www.w3.org/2000/svg" width="510" height="306"><image width="510" height="306" href="data:image/png;base64,#{[ large ].pack('m0')}"/></svg>)
    assert_equal [ 510, 306 ], Raster.size(Usher::Formats::Png::Writer.write(shown, width: 510)), "it can be read"
  end

  def test_what_has_many_dots_or_cannot_be_read_stays_as_it_is
    many, broken = dots(80, 6), dots(10, 6)[0, 60]
    [ many, broken, "GIF89a", "" ].each { |bytes| assert_equal bytes, Sharp.enlarged(bytes) }
  end

  private

  def dots(width, height) = Usher::Formats::Png::Writer.write(%(<svg xmlns="http://www.w3.org/2000/svg" width="#{width}" height="#{height}"><rect width="3" height="2" fill="#1e6079"/></svg>), width: width)
end
