require "core_test"

# What operations say when they refuse, and that nothing was changed then.
class SentencesTest < CoreTest
  def setup
    @page = Usher::Page::Memory.new
    @page.run(put(item("note", id: "a"), item("note", id: "b", x: 400), item("note", id: "pinned", x: 700, pinned: "all"), item("note", id: "stuck", x: 900, pinned: "all")))
  end

  def test_what_is_gone
    refused("Something you changed is no longer on the page.", "verb" => "move", "ids" => %w[a gone], "by" => [ 1, 1 ])
    refused("2 things you changed are no longer on the page.", "verb" => "move", "ids" => %w[a gone lost], "by" => [ 1, 1 ])
  end

  def test_what_is_pinned
    refused("That is pinned. Take the pin out first.", "verb" => "move", "ids" => %w[a pinned], "by" => [ 1, 1 ])
    refused("2 of these are pinned. Take the pin out first.", "verb" => "move", "ids" => %w[a pinned stuck], "by" => [ 1, 1 ])
    refused("That is pinned. Take the pin out first.", change("pinned" => { "text" => "x" }, "a" => { "text" => "x" }))
    refused("2 of these are pinned. Take the pin out first.", change("pinned" => { "text" => "x" }, "stuck" => { "text" => "x" }))
    @page.run({ "verb" => "move", "ids" => %w[a pinned], "by" => [ 1, 1 ] }, lenient: true)
    assert_equal [ 101, 700 ], %w[a pinned].map { |id| at(id).x }, "what undo does leaves them"
  end

  def test_what_two_change_at_once
    seen = { "verb" => "change", "changes" => [ { "id" => "a", "set" => { "text" => "mine" }, "seen" => { "text" => "older" } }, { "id" => "b", "set" => { "text" => "mine" } } ] }
    assert_raises(Usher::Clash) { @page.run(seen) }
    assert_equal "Bring boots", at("b").text
    @page.run(seen, lenient: true)
    assert_equal %w[mine mine], %w[a b].map { |id| at(id).text }
  end

  def test_one_thing_is_bent_at_a_time
    @page.run(put(item("line", id: "rope")))
    assert_invalid(/One thing is bent/) { build("verb" => "bend", "ids" => %w[rope a], "knot" => 0, "to" => [ 1, 1 ]) }
    assert build("verb" => "bend", "ids" => %w[rope], "knot" => 0, "to" => [ 1, 1 ])
  end

  def test_one_of_several_piles_that_is_empty_stops_all
    @page.run(put(*[ [ "one", 0 ], [ "two", 2 ] ].map { |id, left| item("tile", id: id, text: "1", pile: { "limit" => 2 }, left: left) }, *Array.new(2) { |n| item("tile", id: "c#{n}", text: "1", x: 900, origin: "one") }))
    refused(/This pile is empty/, "verb" => "deal", "piles" => %w[one two], "ids" => %w[x y], "by" => [ 0, 0 ], "group" => "g")
  end

  def test_only_pictures_are_cropped_and_only_one_that_is_there
    refused("Only pictures can be cropped.", "verb" => "crop", "id" => "a", "to" => [ 0, 0, 0.5, 1 ])
    assert_empty @page.run({ "verb" => "crop", "id" => "gone", "to" => [ 0, 0, 0.5, 1 ] }, lenient: true).put
  end

  def test_a_paper_comes_with_its_measures
    assert_invalid("Measures must come with their paper.") { Usher::Page::Style.check({ "measures" => { "gap" => 5 } }) }
    assert_equal({ "paper" => "plain", "measures" => {} }, Usher::Page::Style.check({ "paper" => "plain" }))
  end

  def test_a_line_of_too_many_points_is_no_track
    most = Usher::Page::Tracks::MOST
    drawn = Struct.new(:id, :outline)
    along = ->(count) { Usher::Page::Tracks.along(drawn.new("rope", Usher::Geometry::Polyline.new(Array.new(count) { |n| [ n, 0 ] })), kind: "path", whole: nil) }
    assert_equal most, along.(most)["points"].size
    assert_invalid(/too long for a track/) { along.(most + 1) }
  end

  def test_a_track_says_all_of_itself
    track = item("note", track: { "kind" => "path", "path" => "course", "points" => [ [ 0, 0 ], [ 9, 9 ] ] }).track
    assert_equal [ false, 0, [ 0, 0 ] ], track.values_at("closed", "stops", "offset")
  end

  private

  def build(**hash) = Usher::Page::Operation.build(hash.transform_keys(&:to_s))
  def change(sets) = { "verb" => "change", "changes" => sets.map { |id, set| { "id" => id, "set" => set } } }
  def at(id) = @page.find([ id ]).fetch(id).item

  def refused(sentence, operation)
    before = @page.stack.map(&:to_h)
    error = assert_raises(Usher::Invalid) { @page.run(operation.transform_keys(&:to_s)) }
    sentence.is_a?(Regexp) ? assert_match(sentence, error.message) : assert_equal(sentence, error.message)
    assert_equal before, @page.stack.map(&:to_h)
  end
end
