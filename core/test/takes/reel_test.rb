require "core_test"

# Takes of earlier releases, and the path of the pointer.
class ReelTest < CoreTest
  REEL = {
    "opening" => 1, "length" => 9_000,
    "pages" => { "1" => { "ground" => "<one/>", "items" => [ { "id" => "a", "z" => 5 }, { "id" => "s", "z" => 1, "ink" => { "points" => [ [ 0, 0, nil, 0 ], [ 9, 9, nil, 700 ] ] } } ] }, "2" => { "size" => [ 900, 900 ], "ground" => "<two/>", "items" => [] } },
    "events" => [ { "at" => 500, "page" => 2, "put" => [ { "id" => "there", "z" => 1 } ], "gone" => [], "ground" => "<new/>" },
      { "at" => 300, "page" => 1, "put" => [ { "id" => "b", "z" => 3 }, { "id" => "a", "z" => 2 } ], "gone" => [ "s" ] },
      { "at" => 800, "page" => 2, "turn" => true }, { "at" => 900, "page" => 1, "turn" => true } ],
    "trail" => [ { "at" => 40, "page" => 1, "x" => 5, "y" => 6 }, { "at" => 90, "page" => 1 } ]
  }.freeze

  def test_it_is_what_a_film_is_cut_from
    chunk = chunks.first
    assert_equal [ 1, [ 1600, 900 ], "<one/>", [ [ "a", 5, 0 ], [ "s", 1, 700 ] ] ], chunk["state"].then { |state| [ *state.values_at("page", "size", "ground"), drawn(state["stack"]) ] }
    assert_equal [ 300, 500, 800, 900 ], chunk["events"].map { |event| event["at"] }
    patch, elsewhere, turn, back = chunk["events"]
    assert_equal [ [ [ "b", 3, 0 ], [ "a", 2, 0 ] ], [ "s" ], nil ], [ drawn(patch["put"]), patch["gone"], patch["ground"] ]
    assert_equal "<new/>", elsewhere["ground"]
    assert_equal [ 2, [ 900, 900 ], "<new/>", [ [ "there", 1, 0 ] ] ], [ *turn.values_at("page", "size", "ground"), drawn(turn["stack"]) ]
    assert_equal [ "<one/>", [ [ "a", 2, 0 ], [ "b", 3, 0 ] ] ], [ back["ground"], drawn(back["stack"]) ], "as it had become, back to front, nothing twice"
    assert_equal [ [ 40, 1, 5, 6 ], [ 90, 1 ] ], chunk["trail"]
  end

  def test_a_pointers_path_is_times_pages_and_points
    read = ->(*entries) { Usher::Takes::Trail.read(entries) }
    assert_equal [ [ 0, 1, -2_000, 4_000 ], [ 7, 2 ] ], read.([ 7, 2 ], [ 0, 1, -2_000, 4_000 ])
    [ [ 7 ], [ 7, 1, 5 ], [ 7, 1, 5, 5, 5 ], [], "7", nil, { "at" => 7 }, [ "7", 1 ], [ 7, 0 ], [ 7, 1, 5, 4_001 ] ].each { |entry| assert_invalid(/pointer/) { read.(entry) } }
    most = Usher::Takes::Trail::MOST
    assert_equal most, read.(*[ [ 0, 1 ] ] * most).size
    assert_invalid(/at most/) { read.(*[ [ 0, 1 ] ] * (most + 1)) }
  end

  def test_the_path_is_in_time_whatever_order_it_came_in
    cutter = Usher::Takes::Film::Cutter.new(opening: { "page" => 1, "size" => [ 1, 1 ], "ground" => "", "stack" => [], "wet" => [], "shown" => {} }, events: [ { "at" => 70, "kind" => "light", "data" => {} }, { "at" => 20, "kind" => "light", "data" => {} } ], length: 50, trail: [ [ 60, 1, 2, 2 ], [ 10, 1, 1, 1 ] ])
    assert_equal [ [ 10, 1, 1, 1 ], [ 60, 1, 2, 2 ] ], cutter.chunks.first["trail"]
    assert_equal 70, cutter.length, "until the last thing that happened"
  end

  def test_a_busy_moment_is_not_cut_in_two
    most = Usher::Takes::Film::Cutter::MOST
    events = Array.new(most + 20) { |n| { "at" => n < most - 5 ? n : most, "kind" => "light", "data" => {} } }
    cutter = Usher::Takes::Film::Cutter.new(opening: { "page" => 1, "size" => [ 1, 1 ], "ground" => "", "stack" => [], "wet" => [], "shown" => {} }, events: events, length: 30_000)
    sizes = cutter.chunks.map { |chunk| chunk["events"].size }
    assert_equal [ most + 19, 0, 0 ], sizes.first(3)
    assert_equal [ 0, most, 15_150 ].last(2), cutter.chunks.first(2).map { |chunk| chunk["until"] }
  end

  private

  def chunks = Usher::Takes::Reel.new(REEL) { |page, item| "#{page}/#{item['id']}" }.cutter.chunks
  def drawn(entries) = entries.map { |id, z, _, lasts| [ id, z, lasts.to_i ] }
end
