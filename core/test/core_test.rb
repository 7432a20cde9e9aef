require "minitest/autorun"
require "usher"

# What the core's tests share: items with as little said as possible.
class CoreTest < Minitest::Test
  def item(kind, **attributes)
    defaults = { "kind" => kind, "id" => "#{kind}-1", "x" => 100, "y" => 50, "width" => 200, "height" => 100 }
    Usher::Items.build(defaults.merge(SAMPLE.fetch(kind, {})).merge(attributes.transform_keys(&:to_s)))
  end

  def stroke(points, **attributes)
    Usher::Items.build({ "kind" => "ink", "id" => "ink-1", "points" => points }.merge(attributes.transform_keys(&:to_s)))
  end

  def put(*items) = { "verb" => "put", "items" => items.map(&:to_h) }

  # The page as it was before the steps with these inverses, the oldest first.
  def rewind(page, inverses)
    inverses.compact.reverse_each { |inverse| page.run(inverse, lenient: true) }
    page
  end

  def assert_invalid(pattern = nil, &block)
    error = assert_raises(Usher::Invalid, &block)
    assert_match pattern, error.message if pattern
  end

  # What a kind needs beyond a box. The test of all kinds goes through the registry and fails for a
  # kind that is missing here.
  SAMPLE = {
    "ink" => { "points" => [ [ 0, 0, nil, 0 ], [ 200, 100, nil, 40 ] ], "span" => [ 200, 100 ] },
    "text" => { "text" => "High tide" },
    "note" => { "text" => "Bring boots" }, "tile" => { "text" => "2x" }, "callout" => { "text" => "Ahoy" },
    "formula" => { "source" => "1/2" },
    "picture" => { "picture" => 7, "alt" => "A lighthouse" },
    "activity" => { "activity" => 3, "title" => "Safe or wait?", "activity_kind" => "sort", "tiles" => %w[11:30 18:10] },
    "polygon" => { "corners" => [ [ 0.5, 0 ], [ 1, 1 ], [ 0, 1 ] ] },
    "sound" => { "asset" => 5, "title" => "Fog horn", "seconds" => 34 }, "video" => { "asset" => 6, "title" => "The tide comes in", "seconds" => 75, "picture" => 7 },
    "link_card" => { "address" => "https://gullpoint.example/tides", "title" => "Tide tables" }, "framed" => { "address" => "https://gullpoint.example/map" },
    "flash_card" => { "faces" => [ { "text" => "ebb" }, { "text" => "the water goes out" } ] }, "die" => { "faces" => (1..6).map { |number| { "text" => number.to_s } } },
    "results" => { "poll" => 7, "title" => "Where does the ebb go?", "answered" => 3, "rows" => [ { "label" => "Out", "count" => 2, "share" => 1 }, { "label" => "In", "count" => 1, "share" => 0.5 } ] },
    "spinner" => { "faces" => [ { "text" => "Ebb", "weight" => 3 }, { "text" => "Flood" } ] },
    "area" => {}, "cover" => {}, "rectangle" => {}, "ellipse" => {}, "line" => {}, "arrow" => {}, "star" => {}, "curve" => {}, "ruler" => {}, "set_square" => {}
  }.freeze
end
