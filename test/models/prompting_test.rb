require "test_helper"

# What Next does while a lesson is held.
class PromptingTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 3)
    @page, @second, @third = @lesson.pages.to_a
    lay(@page, note("a", audience: "nobody"), { "kind" => "cover", "id" => "lid", "x" => 90, "y" => 90, "width" => 340, "height" => 240 }, { "kind" => "die", "id" => "die", "x" => 800, "y" => 300, "width" => 90, "height" => 90, "faces" => [ { "text" => "ebb" }, { "text" => "flood" } ] })
    prepare({ "verb" => "lift", "item" => "lid" }, { "verb" => "show", "item" => "a" }, { "verb" => "start", "tool" => "countdown", "minutes" => 2 }, { "verb" => "poll", "letters" => 3 })
    @sitting = sit(@lesson)
  end

  test "Next runs the cues one after the other, then turns the page" do
    words = Array.new(5) { @sitting.prompt_now[:next]&.fetch(:words).tap { step } }
    assert_equal [ "Lift the cover", "Bring in “Boots”", "Count down 2 min", "Ask the class: A to C", nil ], words
    assert_equal [ true, "both" ], [ thing("lid").off, thing("a").audience ]
    assert_equal [ [ "countdown" ], 3 ], [ @sitting.class_tools.standing.map(&:kind), @sitting.poll.core.choices.size ]
    assert_equal @second, @sitting.reload.page
    assert_equal [ false, "nobody" ], @page.items.reload.then { |items| [ items.find_by(key: "lid").placed.item.off, items.find_by(key: "a").placed.item.audience ] }, "the prepared page is not spoilt"
  end

  test "Back takes the last one back, whatever it was" do
    4.times { step }
    @sitting.cue_back(by: @owner)
    assert_nil @sitting.reload.poll
    @sitting.cue_back(by: @owner)
    assert_empty @sitting.class_tools.standing
    2.times { @sitting.cue_back(by: @owner) }
    assert_equal [ false, "nobody", [] ], [ thing("lid").off, thing("a").audience, @sitting.reload.cued ]
    assert_equal 0, @sitting.layer.changes_on(@page)
    assert_equal "This is the first page.", @sitting.cue_back(by: @owner)
  end

  test "the same press sent twice counts once" do
    key = fresh
    2.times { @sitting.cue(by: @owner, key: key) }
    assert_equal 1, @sitting.reload.cued.size
    [ "", "no good", nil, { "a" => 1 } ].each { |bad| assert_raises(Usher::Invalid) { @sitting.cue(by: @owner, key: bad) } }
  end

  test "out of order, and what a hand has done is not done again" do
    @sitting.cue(by: @owner, key: fresh, id: "cue2")
    assert_equal [ false, "both", "cue1" ], [ thing("lid").off, thing("a").audience, @sitting.prompt.next.id ]
    @page.perform({ "verb" => "change", "changes" => [ { "id" => "lid", "set" => { "off" => true } } ] }, id: fresh, by: @owner, layer: @sitting.layer)
    assert_equal "cue3", @sitting.prompt.next.id
  end

  test "a cue whose thing is gone is told in Prepare and skipped in class" do
    @page.perform({ "verb" => "remove", "ids" => [ "lid" ] }, id: fresh, by: @owner)
    assert @page.reload.prompt.broken?(@page.prompt.find("cue1"))
    assert_equal "cue2", @sitting.reload.prompt.next.id
    assert_raises(Usher::Invalid) { @sitting.cue(by: @owner, key: fresh, id: "cue1") }
    assert_raises(Usher::Invalid) { @sitting.cue(by: @owner, key: fresh, id: "nobody") }
    assert_empty @sitting.reload.cued
  end

  test "with the doors shut nobody is asked, and it says so" do
    @sitting.shut
    3.times { step }
    assert_match(/doors are shut/, step)
    assert_equal 4, @sitting.reload.cued.size
  end

  test "a light shines until the next step; a page is turned to and back" do
    prepare({ "verb" => "light", "item" => "die" }, { "verb" => "turn", "page" => @third.id }, page: @second)
    @sitting.turn_to(@second)
    lay(@second, { "kind" => "die", "id" => "die", "x" => 800, "y" => 300, "width" => 90, "height" => 90, "faces" => [ { "text" => "ebb" }, { "text" => "flood" } ] })
    step
    assert_equal [ 845, 345 ], Live::Light.now(@sitting)["at"] || Live::Light.now(@sitting)[:at]
    step
    assert_nil Live::Light.now(@sitting)
    assert_equal @third, @sitting.reload.page
  end

  test "boards are told what comes next, and what a cue asks of them" do
    lay(@page, { "kind" => "sound", "id" => "horn", "x" => 5, "y" => 5, "width" => 300, "height" => 80, "asset" => @owner.assets.take_in(upload("x", "tide.txt")).id })
    prepare({ "verb" => "play", "item" => "horn" }, { "verb" => "read", "item" => "a" })
    mark = @sitting.wall_feed.mark[:n]
    @sitting.cue(by: @owner, key: fresh, id: "cue1")
    told = @sitting.wall_feed.since(Live::Feed::FROM, mark).map { |frame| JSON.parse(frame) }
    assert_equal({ "play" => { "item" => "horn" } }, told.filter_map { |message| message["cue"] }.first)
    assert_equal [ true, false ], told.filter_map { |message| message["prompt"] }.last["cues"].map { |cue| cue["run"] }
  end

  test "cues go along with a page that is copied, not onto a new one behind it, and never into a class's layer" do
    assert_equal 4, @page.duplicate.cues.size
    assert_equal [], @lesson.add_page(after: @page.reload).cues
    copy = @lesson.duplicate
    assert_equal %w[lift show start poll], copy.pages.first.cues.map { |cue| cue["verb"] }
    assert_raises(Usher::Invalid) { @page.perform({ "verb" => "cue", "remove" => "cue1" }, id: fresh, by: @owner, layer: @sitting.layer) }
  end

  test "tried out in Prepare nothing is kept" do
    trial = @page.try_cue("cue1")
    assert_includes trial[:put].map { |item| item[:id] }, "lid"
    assert_not @page.items.reload.find_by(key: "lid").placed.item.off
    assert_equal({ poll: { "kind" => "letters", "given" => { "count" => 3 }, "question" => "" } }, @page.try_cue("cue4")[:asks])
    assert_raises(Usher::Invalid) { @page.try_cue("nobody") }
  end

  private

  def step = @sitting.cue(by: @owner, key: fresh)
  def thing(key) = @page.reload.showing(Viewer.teaching(@sitting)).items.find_by(key: key).placed.item

  # Cues "cue1", "cue2" ... of a page, in place of those it had.
  def prepare(*cues, page: @page)
    page.cues.each { |cue| page.perform({ "verb" => "cue", "remove" => cue["id"] }, id: fresh, by: @owner) }
    cues.each.with_index(1) { |cue, number| page.perform({ "verb" => "cue", "put" => { "id" => "cue#{number}", **cue } }, id: fresh, by: @owner) }
    @sitting&.reload
  end
end
