require "core_test"
require "open3"

# Pictures of which a part lies under a cover.
class VeilTest < CoreTest
  Veil = Usher::Veil

  def setup = @page = Usher::Page::Memory.new

  def test_what_lies_under_a_cover_is_blank_where_it_lies_in_the_picture
    lay picture, cover(x: 300, y: 100, width: 100, height: 50)
    assert_equal [ [ 0.5, 0, 1, 0, 1, 0.5, 0.5, 0.5 ] ], hidden
    assert_includes for_devices, %(href="/pictures/7/under/0.5,0.0,1.0,0.0,1.0,0.5,0.5,0.5")
    refute_includes for_devices, %(href="/pictures/7")
    assert_includes for_board, %(href="/pictures/7")
  end

  def test_mirrored_turned_and_cropped_pictures_are_blank_where_the_cover_is_seen
    { { mirror: "across" } => [ 0, 0, 0.5, 0.5 ], { mirror: "both" } => [ 0, 0.5, 0.5, 1 ], { angle: 180 } => [ 0, 0.5, 0.5, 1 ], { crop: [ 0.5, 0, 0.5, 1 ] } => [ 0.75, 0, 1, 0.5 ] }.each do |look, (left, top, right, bottom)|
      @page = Usher::Page::Memory.new
      lay picture(**look), cover(x: 300, y: 100, width: 100, height: 50)
      xs, ys = hidden.first.each_slice(2).to_a.transpose
      assert_equal [ left, top, right, bottom ], [ xs.min, ys.min, xs.max, ys.max ], look
    end
  end

  def test_it_follows_the_cover_the_picture_and_what_lies_above
    lay picture, cover(x: 300, y: 100, width: 100, height: 50)
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 100, 0 ] })
    assert_equal [ 0, 0 ], hidden.first.first(2)
    @page.run({ "verb" => "reorder", "ids" => [ "boat" ], "to" => "front" })
    assert_empty hidden
    @page.run({ "verb" => "reorder", "ids" => [ "boat" ], "to" => "back" })
    refute_empty hidden
    @page.run({ "verb" => "change", "changes" => [ { "id" => "patch", "set" => { "off" => true } } ] })
    assert_empty hidden
    assert_nil for_devices
    assert_invalid(/follows/) { @page.run({ "verb" => "change", "changes" => [ { "id" => "boat", "set" => { "hidden" => [] } } ] }) }
  end

  def test_wholly_covered_it_is_not_there_and_under_very_many_covers_all_of_it_is_blank
    lay picture, cover(x: 150, y: 50, width: 400, height: 400)
    assert @page.find([ "boat" ])["boat"].item.covered
    @page = Usher::Page::Memory.new
    lay picture, *Array.new(41) { |index| cover(id: "p#{index}", x: 200 + index, y: 100, width: 3, height: 3) }
    assert_equal Veil::WHOLE, hidden
    @page = Usher::Page::Memory.new
    lay picture(width: 0), cover(x: 200, y: 100, width: 3, height: 3)
    assert_empty hidden
  end

  def test_an_address_reads_back_and_nonsense_is_none
    parts = [ [ 0.25, 0, 1, 0, 1, 0.5, -0.25, 0.5 ], [ 0, 0, 1, 0, 1, 1, 0, 1 ] ]
    assert_equal [ 7, parts ], Veil.read(Veil.address(7, parts))
    assert_equal [ 7, [] ], Veil.read("/pictures/7")
    [ "/pictures/7/under/1,2", "/pictures/7/under/#{'.,' * 8}", "/pictures/7/under/#{Array.new(41) { '0,0,1,0,1,1,0,1' }.join(';')}", "/pictures/x", "/media/7", "/pictures/7/under/1e9,0,0,0,0,0,0,0" ].each do |address|
      assert_nil Veil.read(address), address
    end
  end

  def test_the_blank_parts_are_painted_over
    red = %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" width="40" height="20"><rect width="40" height="20" fill="#ff0000"/></svg>)
    document = Veil.draw("data:image/svg+xml;base64,#{[ red ].pack('m0')}", 40, 20, [ [ 0.5, 0, 1, 0, 1, 1, 0.5, 1 ] ])
    dots, = Open3.capture2("ffmpeg", "-loglevel", "error", "-i", "pipe:0", "-f", "rawvideo", "-pix_fmt", "rgb24", "pipe:1", stdin_data: Usher::Formats::Png::Writer.write(document, width: 40), binmode: true)
    assert_equal [ [ 255, 0, 0 ], [ 255, 255, 255 ] ], [ 8, 30 ].map { |across| dots.bytes[(40 * 10 + across) * 3, 3] }
  end

  def test_a_paper_knows_what_of_its_picture_is_covered
    style = Usher::Page::Style::DEFAULTS.merge("paper" => "picture", "measures" => { "picture" => 7, "fit" => "whole" })
    parts = Usher::Page::Paper.of(style).under([ Usher::Geometry::Box.new(350, 0, 450, 900, 0) ], 500, 500, size: [ 1600, 900 ])
    assert_equal [ [ 0, 0, 0.5, 0, 0.5, 1, 0, 1 ] ], parts
    assert_includes Usher::Page::Drawing.ground(style, veil: parts), %(href="#{Veil.address(7, parts)}")
    assert_includes Usher::Page::Drawing.ground(style), %(href="/pictures/7")
    yielded = []
    Usher::Page::Drawing.document(style, [], veil: parts) { |address| yielded << address and "data:," }
    assert_equal [ Veil.address(7, parts) ], yielded
  end

  private

  def lay(*items) = @page.run({ "verb" => "put", "items" => items.map(&:to_h) })
  def picture(**more) = item("picture", id: "boat", picture: 7, x: 200, y: 100, width: 200, height: 100, **more)
  def cover(**more) = item("cover", id: "patch", **more)
  def hidden = @page.find([ "boat" ])["boat"].item.hidden
  def for_devices = Usher::Page::Drawing.veiled(@page.find([ "boat" ])["boat"], 1)
  def for_board = Usher::Page::Drawing.item(@page.find([ "boat" ])["boat"], 1)
end
