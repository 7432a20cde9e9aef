require "test_helper"

# What those who look on are told of an operation.
class PatchTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.first
    @sitting = sit(@lesson)
    @board, @wall, @device, @room = Viewer.preparing(@lesson), Viewer.teaching(@sitting), Viewer.device(@sitting), Viewer.room(@sitting.layer)
  end

  test "what is put comes with its drawing, its place in the stack and who did it, that only boards are told" do
    patch = lay(@page, note("a"), note("b"), id: "first")
    told = patch.for(@board)
    assert_equal [ %w[a b], [], "first", @owner.actor, "put", @page.id ], [ told[:put].map { |put| put[:id] }, *told.values_at(:gone, :op, :by, :verb, :page) ]
    assert_equal told[:put].map { |put| put[:z] }.sort, told[:put].map { |put| put[:z] }.uniq
    assert_includes told[:put].first[:svg], "Boots"
    assert_equal told, patch.for(@wall)
    assert_equal %i[page seq put gone], patch.for(@device).keys
    assert_includes patch.for(@device)[:put].first[:svg], "Boots"
    assert_not_includes told.keys, :ground
  end

  test "what is not for them, covered or in the wings is gone there" do
    patch = lay(@page, note("all"), note("room", audience: "room"), note("devices", audience: "devices"), note("wings", x: 5_000))
    told = [ @board, @room, @device ].map { |viewer| patch.for(viewer).then { |one| [ one[:put].map { |put| put[:id] }, one[:gone] ] } }
    assert_equal [ [ %w[all room devices wings], [] ], [ %w[all room], %w[devices wings] ], [ %w[all devices], %w[room wings] ] ], told
  end

  test "what is removed is gone for everybody" do
    lay(@page, note("a"))
    patch = @page.perform({ "verb" => "remove", "ids" => [ "a" ] }, id: fresh, by: @owner)
    assert_equal [ [ [], [ "a" ] ] ] * 3, [ @board, @room, @device ].map { |viewer| patch.for(viewer).values_at(:put, :gone) }
  end

  test "what the class has of its own is not told again when the lesson changes below it" do
    lay(@page, note("a"), note("b", x: 700), note("c", x: 1000))
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 9, 9 ] })
    over({ "verb" => "remove", "ids" => [ "c" ] })
    patch = @page.perform({ "verb" => "together", "steps" => [ { "verb" => "move", "ids" => %w[a b], "by" => [ 0, 5 ] }, { "verb" => "remove", "ids" => [ "c" ] } ] }, id: fresh, by: @owner)
    assert_equal [ %w[a b], [ "c" ] ], patch.for(@board).then { |told| [ told[:put].map { |put| put[:id] }, told[:gone] ] }
    assert_equal [ [ "b" ], [] ], patch.for(@wall).then { |told| [ told[:put].map { |put| put[:id] }, told[:gone] ] }
  end

  test "a change of one that the class took away is not told it either" do
    lay(@page, note("a"), note("b", x: 700))
    over({ "verb" => "remove", "ids" => [ "a" ] })
    patch = @page.perform({ "verb" => "remove", "ids" => %w[a b] }, id: fresh, by: @owner)
    assert_equal [ %w[a b], [ "b" ] ], [ @board, @wall ].map { |viewer| patch.for(viewer)[:gone] }
  end

  test "a new ground is told to all, with its style to boards; nothing of it when it stays" do
    patch = @page.perform({ "verb" => "restyle", "set" => { "paper" => "squared", "measures" => {}, "colour" => "#fdfaf4" } }, id: fresh, by: @owner)
    assert_equal "squared", patch.for(@board)[:style]["paper"]
    assert_includes patch.for(@device)[:ground], "fdfaf4"
    assert_equal [ true, false ], [ @wall, @device ].map { |viewer| patch.for(viewer).key?(:style) }
    assert_not lay(@page, note).for(@device).key?(:ground)
  end

  test "a cover over a picture on the paper gives devices a new ground, and boards none" do
    picture = picture_of(@owner)
    @page.perform({ "verb" => "restyle", "set" => { "paper" => "picture", "measures" => { "picture" => picture.id, "fit" => "whole" } } }, id: fresh, by: @owner)
    patch = lay(@page, { "kind" => "cover", "id" => "c", "x" => 100, "y" => 100, "width" => 500, "height" => 400 })
    assert_equal [ false, true ], [ @board, @device ].map { |viewer| patch.for(viewer).key?(:ground) }
    assert_includes patch.for(@device)[:ground], "/under/"
  end

  test "an operation that was kept before is told again as things are now" do
    first = lay(@page, note("a"), note("b", x: 700), id: "once")
    @page.perform({ "verb" => "remove", "ids" => [ "b" ] }, id: fresh, by: @owner)
    lay(@page, note("c"))
    lay(@lesson.pages.second, note("a"))
    again = lay(@page, note("a"), note("b", x: 700), id: "once")
    assert_equal [ false, true ], [ first, again ].map(&:repeated?)
    assert_equal [ [ "a" ], [ "b" ], false ], again.for(@board).then { |told| [ told[:put].map { |put| put[:id] }, told[:gone], told.key?(:ground) ] }
    2.times { @page.perform({ "verb" => "restyle", "set" => { "colour" => "#fdfaf4" } }, id: "dyed", by: @owner) }
    assert Patch.of(Operation.find_by!(client_id: "dyed")).for(@board).key?(:ground)
  end

  test "publishing reaches the groups that see the layer and the page" do
    second = @lesson.pages.second
    marks = { @lesson.board_feed => 0, @sitting.wall_feed => 0, @sitting.device_feed => 0 }.to_h { |feed, _| [ feed, feed.mark[:n] ] }
    lay(second, note("there"))
    over({ "verb" => "put", "items" => [ note("here") ] })
    heard = marks.map { |feed, mark| feed.since(Live::Feed::FROM, mark).map { |frame| JSON.parse(frame)["patch"]["put"].map { |put| put["id"] } } }
    assert_equal [ [ [ "there" ] ], [ [ "there" ], [ "here" ] ], [ [ "here" ] ] ], heard
  end

  private

  def over(operation) = @page.perform(operation, id: fresh, by: @owner, layer: @sitting.layer)
end
