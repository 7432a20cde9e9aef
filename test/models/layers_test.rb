require "test_helper"

# The prepared lesson, and what a class does over it.
class LayersTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page, @second = @lesson.pages.to_a
    lay(@page, note("a"), note("b", x: 700))
    @sitting = Sitting.teach(@lesson, @page)
  end

  test "what a class does leaves the prepared page as it is" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    over({ "verb" => "remove", "ids" => [ "b" ] })
    over({ "verb" => "put", "items" => [ note("c") ] })
    assert_equal({ "a" => 100.0, "b" => 700.0 }, prepared)
    assert_equal({ "a" => 400.0, "c" => 100.0 }, seen)
    assert_equal 3, @sitting.layer.changes_on(@page)
    assert_equal 0, @sitting.layer.changes_on(@second)
  end

  test "what was not touched follows the prepared page; what was stays as the class has it" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    prepare({ "verb" => "move", "ids" => %w[a b], "by" => [ 0, 50 ] })
    prepare({ "verb" => "put", "items" => [ note("new") ] })
    assert_equal [ 100.0, 150.0, 100.0 ], placed(@sitting).values_at("a", "b", "new").map { |item| item.data["y"] }
    assert_equal 400.0, seen["a"]
  end

  test "what is put back as it is below lies there no more" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    over({ "verb" => "remove", "ids" => [ "b" ] })
    2.times { @page.undo(by: @owner, id: fresh, layer: @sitting.layer) }
    assert_equal 0, @sitting.layer.changes_on(@page)
    assert_equal prepared, seen
    2.times { @page.redo(by: @owner, id: fresh, layer: @sitting.layer) }
    assert_equal({ "a" => 400.0 }, seen)
  end

  test "undo is by person within a layer" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    prepare({ "verb" => "move", "ids" => [ "b" ], "by" => [ 50, 0 ] })
    assert_equal({ undo: true, redo: false }, @page.steps_open_to(@owner, @sitting.layer))
    @page.undo(by: @owner, id: fresh)
    assert_equal({ "a" => 100.0, "b" => 700.0 }, prepared)
    assert_equal 400.0, seen["a"], "the class's step stands"
    @page.undo(by: @owner, id: fresh, layer: @sitting.layer)
    assert_equal 100.0, seen["a"]
    assert_nil @page.undo(by: @owner, id: fresh, layer: @sitting.layer)
  end

  test "the paper of a page is the class's own too, and a reset gives back the prepared one" do
    over({ "verb" => "restyle", "set" => { "paper" => "squared", "measures" => {}, "colour" => "#fdfaf4" } })
    assert_equal [ "plain", "squared" ], [ @page.reload.paper, showing.style["paper"] ]
    over({ "verb" => "restyle", "set" => { "colour" => "#ffffff" } })
    assert_equal [ "squared", "#ffffff" ], showing.style.values_at("paper", "colour")
    @page.reset(layer: @sitting.layer, by: @owner, id: fresh)
    assert_equal "plain", showing.style["paper"]
  end

  test "a reset is one step, and all of it comes back" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    over({ "verb" => "put", "items" => [ note("c") ] })
    over({ "verb" => "remove", "ids" => [ "b" ] })
    was = seen
    patch = @page.reset(layer: @sitting.layer, by: @owner, id: fresh)
    assert_equal [ %w[a b], [ "c" ] ], [ patch.for(Viewer.teaching(@sitting))[:put].map { |put| put[:id] }.sort, patch.for(Viewer.teaching(@sitting))[:gone] ]
    assert_equal prepared, seen
    assert_equal 0, @sitting.layer.items.count
    @page.undo(by: @owner, id: fresh, layer: @sitting.layer)
    assert_equal was, seen
    assert_nil @page.reset(layer: @sitting.layer, by: @owner, id: fresh) && @page.reset(layer: @sitting.layer, by: @owner, id: fresh), "a second time there is nothing to do"
  end

  test "what a class did is taken into the lesson, and can be undone there" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    over({ "verb" => "remove", "ids" => [ "b" ] })
    @page.take_into_lesson(@sitting.layer, by: @owner, id: fresh)
    assert_equal [ { "a" => 400.0 }, { "a" => 400.0 }, 0 ], [ prepared, seen, @sitting.layer.changes_on(@page) ]
    @page.undo(by: @owner, id: fresh)
    assert_equal({ "a" => 100.0, "b" => 700.0 }, prepared)
  end

  test "two sittings never mix, and the next one begins as prepared" do
    over({ "verb" => "remove", "ids" => [ "a" ] })
    @sitting.close
    later = Sitting.teach(@lesson.reload, @page)
    assert_not_equal @sitting, later
    assert_equal prepared, seen(later)
    @page.perform({ "verb" => "remove", "ids" => [ "b" ] }, id: fresh, by: @owner, layer: later.layer)
    assert_equal [ [ "b" ], [ "a" ] ], [ seen.keys, seen(later).keys ]
  end

  test "layers lie over layers: a seat over a sitting over the lesson" do
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    seat = @sitting.layer.over("seat", seat: seat(@sitting.tap(&:open)))
    @page.perform({ "verb" => "change", "changes" => [ { "id" => "a", "set" => { "text" => "Mine" } } ] }, id: fresh, by: @owner, layer: seat)
    @page.perform({ "verb" => "remove", "ids" => [ "b" ] }, id: fresh, by: @owner, layer: seat)
    over({ "verb" => "move", "ids" => %w[a b], "by" => [ 0, 9 ] })
    own = through(seat).items.index_by(&:key)
    assert_equal [ [ "a" ], "Mine", 400.0, 100.0 ], [ own.keys, *own["a"].data.values_at("text", "x", "y") ]
    assert_equal %w[a b], seen.keys.sort
  end

  test "piles, areas and covers follow what lies in the layer" do
    lay(@page, { "kind" => "area", "id" => "area", "x" => 0, "y" => 0, "width" => 500, "height" => 500, "measure" => "count" })
    lay(@page, { "kind" => "tile", "id" => "pile", "text" => "1", "x" => 900, "y" => 700, "width" => 60, "height" => 60, "pile" => { "limit" => 2 } }, note("in", x: 10, y: 10), { "kind" => "cover", "id" => "cover", "x" => 600, "y" => 50, "width" => 500, "height" => 400 })
    assert placed["b"].data["covered"]
    over({ "verb" => "change", "changes" => [ { "id" => "cover", "set" => { "off" => true } } ] })
    over({ "verb" => "deal", "piles" => [ "pile" ], "ids" => [ "one" ], "by" => [ 200, 0 ] })
    over({ "verb" => "remove", "ids" => [ "in" ] })
    assert_equal [ false, 1, "0" ], [ placed(@sitting)["b"].placed.item.covered, placed(@sitting)["pile"].data["left"], placed(@sitting)["area"].data["tally"] ]
    assert_equal [ true, 2, "1" ], [ placed["b"].data["covered"], placed["pile"].data["left"], placed["area"].data["tally"] ]
  end

  test "words of a class are not found by the desk's search, prepared ones are" do
    over({ "verb" => "put", "items" => [ note("x", text: "Zanzibar") ] })
    prepare({ "verb" => "put", "items" => [ note("y", text: "Lighthouse") ] })
    assert_equal [ 0, 1 ], %w[Zanzibar Lighthouse].map { |word| Search.new(@owner.lessons, word).results.size }
  end

  test "a copy, print and the small picture are of the prepared lesson" do
    over({ "verb" => "remove", "ids" => %w[a b] })
    assert_equal 2, @lesson.duplicate.pages.first.items.count
    assert_equal 2, @page.showing(Viewer.reader(@lesson.prepared)).drawings.size
  end

  test "everybody hears what lies in the layers they see, and nothing else" do
    @sitting.open
    marks = feeds.to_h { |name, feed| [ name, feed.mark[:n] ] }
    over({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    assert_equal({ board: [], wall: [ [ "a" ] ], devices: [ [ "a" ] ] }, heard(marks))
    prepare({ "verb" => "move", "ids" => %w[a b], "by" => [ 0, 5 ] })
    assert_equal({ board: [ %w[a b] ], wall: [ [ "a" ], [ "b" ] ], devices: [ [ "a" ], [ "b" ] ] }, heard(marks), "what the class has of its own is not told again")
  end

  test "changes of pages that are not shown stay off the devices" do
    @sitting.open
    mark = @sitting.device_feed.mark[:n]
    lay(@second, note("elsewhere"))
    @second.perform({ "verb" => "put", "items" => [ note("c") ] }, id: fresh, by: @owner, layer: @sitting.layer)
    assert_empty @sitting.device_feed.since(Live::Feed::FROM, mark)
  end

  test "Prepare never steers a class; a turn in Teach takes wall and devices along" do
    @sitting.open
    mark = @sitting.wall_feed.mark[:n]
    @second.perform({ "verb" => "turn" }, id: fresh, by: @owner)
    assert_equal @page, @sitting.reload.page
    @second.perform({ "verb" => "turn" }, id: fresh, by: @owner, layer: @sitting.layer)
    assert_equal @second, @sitting.reload.page
    assert_includes @sitting.wall_feed.since(Live::Feed::FROM, mark).map { |frame| JSON.parse(frame)["turn"] }, @second.id
  end

  test "whoever opens Teach comes to where the class is, while it is held or its doors are open" do
    assert_equal @second, Sitting.teach(@lesson.reload, @second).page, "nobody was there"
    @sitting.reload.hold
    assert_equal @second, Sitting.teach(@lesson.reload, @page).page, "somebody holds it"
    @sitting.let_go
    @sitting.open
    assert_equal @second, Sitting.open_doors(@lesson.reload, @page).page, "the doors are open"
  end

  test "doors are opened again on the same sitting, with its seats and what was done" do
    seat(@sitting.tap(&:open))
    over({ "verb" => "remove", "ids" => [ "a" ] })
    @sitting.shut
    assert_equal [ @sitting, 1, [ "b" ] ], Sitting.open_doors(@lesson.reload, @page).then { |again| [ again, again.seats.count, seen(again).keys ] }
  end

  test "a message to one address reaches those who have it; the others only count it" do
    feed = @sitting.device_feed
    mark = feed.mark[:n]
    feed.publish(to: "seat:7", said: "for you")
    feed.publish(said: "for all")
    own, others = [ [ "seat:7" ], [ "seat:8", "layer:7" ] ].map { |addresses| feed.since(Live::Feed::FROM, mark, addresses: addresses).map { |frame| JSON.parse(frame) } }
    assert_equal [ "for you", "for all" ], own.map { |message| message["said"] }
    assert_equal [ [ nil, "for all" ], [ mark + 1, mark + 2 ] ], [ others.map { |message| message["said"] }, others.map { |message| message["n"] } ]
    packed = Live::Feed.pack(%({"said":"x"}), address: "seat:7", stub: "{}")
    assert_equal [ %({"said":"x"}), "{}" ], [ Live::Feed.unpack(packed, [ "seat:7" ]), Live::Feed.unpack(packed, []) ]
  end

  test "a lesson goes with all its layers" do
    over({ "verb" => "put", "items" => [ note("c") ] })
    @page.undo(by: @owner, id: fresh, layer: @sitting.layer)
    over({ "verb" => "restyle", "set" => { "colour" => "#fdfaf4" } })
    @lesson.reload.destroy!
    assert_equal [ 0, 0, 0, 0 ], [ Layer, Item, LayerStyle, Sitting ].map(&:count)
  end

  private

  def over(operation) = @page.perform(operation, id: fresh, by: @owner, layer: @sitting.layer)
  def prepare(operation) = @page.perform(operation, id: fresh, by: @owner)
  def showing(sitting = @sitting) = @page.reload.showing(Viewer.teaching(sitting))
  def through(layer) = @page.reload.showing(Viewer.new(:teaching, layer, Usher::Page::Audience::BOARD))
  def placed(sitting = nil) = (sitting ? showing(sitting) : @page.reload.showing).items.index_by(&:key)
  def prepared = placed.transform_values { |item| item.data["x"] }
  def seen(sitting = @sitting) = placed(sitting).transform_values { |item| item.data["x"] }

  def feeds = { board: @lesson.board_feed, wall: @sitting.wall_feed, devices: @sitting.device_feed }

  def heard(marks)
    feeds.to_h { |name, feed| [ name, feed.since(Live::Feed::FROM, marks[name]).filter_map { |frame| JSON.parse(frame)["patch"]&.fetch("put")&.map { |put| put["id"] } } ] }
  end
end
