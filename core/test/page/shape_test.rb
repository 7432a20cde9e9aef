require "core_test"
require "open3"

# Pages that were imported with a shape of their own.
class ShapeTest < CoreTest
  Style = Usher::Page::Style
  A4 = { "width" => 1131, "height" => 1600 }.freeze # upright

  def test_a_page_keeps_the_proportions_of_what_was_imported
    assert_equal A4, Style.shaped(595.28, 841.89)
    assert_equal({ "width" => 1600, "height" => 900 }, Style.shaped(1920, 1080))
    assert_equal({ "width" => 1600, "height" => 1600 }, Style.shaped(3, 3))
    assert_equal({ "width" => 1600, "height" => 320 }, Style.shaped(100_000, 1), "a strip of paper has room to write")
    assert_equal [ 1600, 900 ], Style.size({})
  end

  def test_nothing_changes_it_afterwards
    assert_invalid(/no "width"/) { Style.check("width" => 900) }
    page = Usher::Page::Memory.new(style: Style::DEFAULTS.merge(A4))
    page.run({ "verb" => "restyle", "set" => { "paper" => "squared", "measures" => {} } })
    assert_equal [ 1131, 1600 ], Style.size(page.style)
    assert_match(/width="1131" height="1600"/, Usher::Page::Drawing.ground(page.style))
  end

  def test_things_line_up_with_and_snap_to_the_edges_of_their_own_page
    page = Usher::Page::Memory.new(style: Style::DEFAULTS.merge(A4))
    page.run({ "verb" => "put", "items" => [ item("rectangle", id: "a", x: 10, y: 10, width: 131, height: 100).to_h ] })
    %w[right bottom].each { |to| page.run({ "verb" => "align", "ids" => [ "a" ], "to" => to }) }
    assert_equal [ 1000, 1500 ], page.find([ "a" ])["a"].item.then { |a| [ a.x, a.y ] }
    moving = Usher::Geometry::Box.new(990, 700, 131, 100, 0)
    assert_includes Usher::Page::Guides.new(moving, [], size: [ 1131, 1600 ]).to_h["across"].map { |guide| guide["by"] }, 10
  end

  def test_a_cover_from_an_edge_keeps_to_the_page_it_was_drawn_over
    page = Usher::Page::Memory.new(style: Style::DEFAULTS.merge(A4))
    cover = item("cover", id: "patch", edge: "bottom", x: 0, y: 0, width: 1131, height: 1600, page_width: 1131, page_height: 1600)
    page.run({ "verb" => "put", "items" => [ cover.to_h ] })
    page.run({ "verb" => "move", "ids" => [ "patch" ], "by" => [ 300, 5_000 ] })
    assert_equal [ 0, 1536 ], page.find([ "patch" ])["patch"].item.then { |patch| [ patch.x, patch.y ] }
  end

  def test_tiles_are_laid_out_within_it
    tiles = Usher::Tiles.lay((1..60).map { |n| "#{n} knots" }.join(","), size: [ 1131, 1600 ])
    assert(tiles.all? { |tile| tile["x"] + tile["width"] <= 1131 && tile["y"] + tile["height"] <= 1600 })
    assert_operator tiles.map { |tile| tile["y"] }.max, :>, 900
  end

  def test_sheets_lie_or_stand_as_their_pages_do_and_stay_in_order
    shapes = [ {}, A4, A4, { "width" => 1600, "height" => 1200 }, {} ]
    pdf = Usher::Formats::Pdf::Writer.write(shapes.each_with_index.map { |shape, index| Usher::Page::Drawing.document(Style::DEFAULTS.merge(shape), [ drawn("Tide #{index}", shape) ]) })
    sizes, = Open3.capture2("pdfinfo -f 1 -l 5 - | grep size: | grep -oE '[0-9.]+ x [0-9.]+'", stdin_data: pdf, binmode: true)
    lying, upright = [ 842, 595 ], [ 595, 842 ]
    assert_equal [ lying, upright, upright, lying, lying ], sizes.lines.map { |line| line.split(" x ").map { |n| n.to_f.round } }
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: pdf, binmode: true)
    assert_equal (0..4).map { |index| "Tide #{index}" }, text.split("\f").map(&:strip).reject(&:empty?)
    boxes, = Open3.capture2("pdftotext", "-bbox", "-f", "2", "-l", "2", "-", "-", stdin_data: pdf, binmode: true)
    assert_in_delta 595 * 0.5, boxes[/xMin="([\d.]+)"[^>]*>Tide/, 1].to_f, 6, "the middle of the page is the middle of the sheet"
  end

  private

  # Words that begin at the middle of the page.
  def drawn(words, shape)
    width, height = Style.size(shape)
    Usher::Page::Drawing.item(Usher::Page::Placed.new(item("text", text: words, x: width / 2, y: height / 2, width: 400), 1), 1)
  end
end
