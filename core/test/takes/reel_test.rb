require "core_test"

class ReelTest < CoreTest
  def reel(events, pages: { 1 => Usher::Page::Memory.new, 2 => Usher::Page::Memory.new }, length: 5_000)
    Usher::Takes::Reel.new(pages: pages, opening: 1, events: events, length: length).to_h
  end

  def test_events_are_put_in_time_and_carry_their_drawing
    ink = { "kind" => "ink", "id" => "s", "points" => [ [ 100, 100, nil, 0 ], [ 140, 120, nil, 300 ] ] }
    made = reel([ { at: 900, page: 2, operation: { "verb" => "turn" } }, { at: 200, page: 1, operation: { "verb" => "put", "items" => [ ink ] } } ])
    assert_equal [ 200, 900 ], made[:events].map { |event| event[:at] }
    assert_equal [ [ 100.0, 100.0, nil, 0 ], [ 140.0, 120.0, nil, 300 ] ], made[:events].first[:put].first[:ink][:points]
    assert_equal [ { at: 0, page: 1 }, { at: 900, page: 2 } ], made[:chapters]
  end

  def test_starts_show_what_was_there_before
    page = Usher::Page::Memory.new([ Usher::Page::Placed.new(item("note"), 1) ])
    made = reel([], pages: { 1 => page })
    assert_includes made[:pages][1][:items].first[:svg], "Bring boots"
    assert_equal 5_000, made[:length]
  end

  def test_a_take_is_at_least_as_long_as_its_last_event
    assert_equal 9_000, reel([ { at: 9_000, page: 1, operation: { "verb" => "turn" } } ])[:length]
  end

  def test_the_pointer_goes_its_way_in_time
    trail = Usher::Takes::Trail.read([ [ 900, 1 ], [ 200, 1, 30.4, 40 ], [ 500, 1, 35, 44 ] ])
    assert_equal [ { at: 200, page: 1, x: 30, y: 40 }, { at: 500, page: 1, x: 35, y: 44 }, { at: 900, page: 1 } ], trail
    [ nil, 5, [ 1 ], [ [ 1 ] ], [ [ -1, 1 ] ], [ [ 1, 1, "x", 2 ] ], [ [ 1, 1, 9e9, 2 ] ], [ [ 1, 1 ] ] * 40_001 ].each do |bad|
      assert_invalid(/pointer/) { Usher::Takes::Trail.read(bad) }
    end
  end

  def test_events_on_pages_that_are_not_in_the_take_are_left_out
    assert_empty reel([ { at: 1, page: 77, operation: { "verb" => "turn" } } ])[:events]
  end
end
