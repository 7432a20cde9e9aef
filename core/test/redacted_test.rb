require "core_test"

# Strokes and formulas of which a part lies under a cover.
class RedactedTest < CoreTest
  def setup = @page = Usher::Page::Memory.new

  def test_devices_get_a_stroke_without_its_points_under_a_cover
    %w[even lively].each do |nib|
      @page = Usher::Page::Memory.new
      way = (0..40).map { |step| [ 100 + step * 10, 300, 0.5, step * 10 ] }
      lay Usher::Items.build({ "kind" => "ink", "id" => "word", "points" => way, "nib" => nib }), cover(x: 195, y: 250, width: 110, height: 100)
      assert_equal [ [ 10, 21 ] ], hidden("word")
      assert_equal [ 1, 2 ], [ board("word"), device("word") ].map { |svg| svg.scan("<path").size }
      lay cover(id: "start", x: 90, y: 250, width: 40, height: 100)
      assert_equal [ [ 0, 4 ], [ 10, 21 ] ], hidden("word")
      assert_equal 2, device("word").scan("<path").size
      @page.run({ "verb" => "remove", "ids" => %w[patch start] })
      assert_empty hidden("word")
      assert_nil device("word")
    end
  end

  def test_pieces_of_a_covered_stroke_are_covered_where_they_lie
    way = (0..40).map { |step| [ 100 + step * 10, 300, 0.5, step * 10 ] }
    lay Usher::Items.build({ "kind" => "ink", "id" => "word", "points" => way }), cover(x: 195, y: 250, width: 110, height: 100)
    @page.run({ "verb" => "erase", "path" => [ [ 400, 250 ], [ 400, 350 ] ], "radius" => 10 })
    pieces = @page.stack.map(&:item).grep(Usher::Items::Ink)
    assert_equal 2, pieces.size
    assert_equal [ true, false ], pieces.sort_by(&:x).map { |piece| piece.hidden.any? }
  end

  def test_devices_get_a_formula_without_its_signs_under_a_cover_nor_its_source
    lay item("formula", id: "sum", x: 100, y: 100, source: "6 xx 7 = 42", size: 100)
    width = @page.find([ "sum" ])["sum"].item.width
    lay cover(x: 100 + width * 0.7, y: 90, width: width * 0.4, height: 150)
    assert_equal [ [ 4, 6 ] ], hidden("sum")
    assert_equal [ 6, 4 ], [ board("sum"), device("sum") ].map { |svg| svg.scan("<path").size }
    [ "42", "data-formula" ].each { |given| refute_includes device("sum").gsub(/ d="[^"]*"/, ""), given }
    assert_equal "Formula, partly covered", @page.find([ "sum" ])["sum"].item.redacted.aloud
    assert_includes board("sum"), "Formula: 6 xx 7 = 42"
  end

  def test_signs_lie_where_they_are_seen
    set = Usher::Formats::Maths.set("x^2 + a/b")
    signs = set.signs
    assert(signs.all? { |x, y| x.between?(set.left, set.left + set.width) && y.between?(set.top, set.top + set.height) })
    base, power = signs.first(2)
    assert_operator power[1], :<, base[1], "a power stands above"
    over, under = signs.sort_by { |_, y| y }.values_at(0, -1)
    assert_operator under[1] - over[1], :>, 500
    assert_equal set.drawing.scan(/<(?:path|rect)/).size - 1, set.without { |index| index == 1 }.scan(/<(?:path|rect)/).size
  end

  private

  def lay(*items) = @page.run({ "verb" => "put", "items" => items.map(&:to_h) })
  def cover(**more) = item("cover", id: "patch", **more)
  def hidden(id) = @page.find([ id ])[id].item.hidden
  def device(id) = Usher::Page::Drawing.veiled(@page.find([ id ])[id], 1)
  def board(id) = Usher::Page::Drawing.item(@page.find([ id ])[id], 1)
end
