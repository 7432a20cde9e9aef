require "core_test"

# Plain shapes and lines of which a part lies under a cover.
class ClippedTest < CoreTest
  KINDS = { "rectangle" => { "round" => 20 }, "ellipse" => {}, "polygon" => { "corners" => [ [ 0.5, 0 ], [ 1, 0.4 ], [ 0.8, 1 ], [ 0.2, 1 ], [ 0, 0.4 ] ] }, "star" => {}, "line" => {}, "arrow" => { "heads" => "both" }, "curve" => { "heads" => "end" } }.freeze

  def setup = @page = Usher::Page::Memory.new

  def test_devices_get_nothing_of_them_that_lies_under_a_cover
    KINDS.each do |kind, more|
      [ 0, 30 ].each do |angle|
        @page = Usher::Page::Memory.new
        lay item(kind, id: "shape", x: 100, y: 100, width: 400, height: 300, angle: angle, **more, **(%w[rectangle ellipse polygon star].include?(kind) ? { "fill" => "#1e6079" } : {})), cover
        item = placed.item
        assert_equal 1, item.hidden.size, "#{kind} #{angle} #{item.box}"
        drawn = device
        refute_equal drawn, Usher::Page::Drawing.item(placed, 1)
        points(drawn).each { |point| refute_operator depth(item.box.to_page(*point)), :>, 0.1, "#{kind} #{angle}: #{point}" }
        assert points(drawn).any?, kind
        refute_match(/data-knots|data-edges/, drawn)
        assert_includes drawn, "#{kind.capitalize}, partly covered"
      end
    end
  end

  def test_heads_under_a_cover_do_not_come
    lay item("arrow", id: "shape", x: 100, y: 250, width: 400, height: 0, heads: "both"), cover
    assert_equal [ 2, 1 ], [ Usher::Page::Drawing.item(placed, 1), device ].map { |svg| svg.scan("<polygon").size }
  end

  def test_a_cover_that_goes_gives_all_of_it_back
    lay item("star", id: "shape", x: 100, y: 100, width: 400, height: 300), cover
    @page.run({ "verb" => "change", "changes" => [ { "id" => "patch", "set" => { "off" => true } } ] })
    assert_empty placed.item.hidden
    assert_nil device
  end

  def test_under_more_covers_than_there_is_room_for_nothing_is_left
    lay item("line", id: "shape", x: 0, y: 100, width: 1_000, height: 0), *Array.new(41) { |n| cover(id: "patch#{n}", x: n * 20, y: 90, width: 9, height: 20) }
    assert_empty points(device)
  end

  private

  def lay(*items) = @page.run({ "verb" => "put", "items" => items.map(&:to_h) })
  def cover(**more) = item("cover", id: "patch", x: 300, y: 120, width: 260, height: 200, **more)
  def placed = @page.find([ "shape" ])["shape"]
  def device = Usher::Page::Drawing.veiled(placed, 1)

  # All points that the drawing names.
  def points(svg) = svg.scan(/ d="([^"]*)"| points="([^"]*)"/).flatten.compact.flat_map { |path| path.scan(/-?[\d.]+/).map(&:to_f).each_slice(2).to_a }

  # How far within the cover a point of the page lies.
  def depth((x, y)) = [ x - 300, 560 - x, y - 120, 320 - y ].min
end
