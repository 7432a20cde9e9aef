require "test_helper"

class OperationsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @page = lesson(@owner).pages.first
    sign_in @owner
  end

  test "an operation is kept with its drawing and answers with the patch" do
    operate(@page, { verb: "put", items: [ note("n1") ] })
    assert_response :success
    patch = answer["patches"].first
    assert_equal [ 1, "n1", @owner.actor ], [ patch["seq"], patch["put"].first["id"], patch["by"] ]
    assert_includes patch["put"].first["svg"], "Boots"
    assert_equal({ "undo" => true, "redo" => false }, answer["can"])
    assert_equal "Boots", @page.items.sole.data["text"]
  end

  test "the same sent twice changes nothing and answers the same" do
    2.times { operate(@page, { verb: "put", items: [ note("n1") ] }, id: "once") }
    assert_response :success
    assert_equal "n1", answer["patches"].first["put"].first["id"]
    assert_equal [ 1, 1 ], [ @page.items.count, @page.operations.count ]
  end

  test "points without pressure arrive as they were sent" do
    operate(@page, { verb: "put", items: [ { kind: "ink", id: "s", points: [ [ 1, 2, nil, 0 ], [ 30, 40, nil, 16 ] ] } ] })
    assert_equal [ [ 0, 0, nil, 0 ], [ 29, 38, nil, 16 ] ], @page.items.sole.data["points"]
  end

  test "a refused operation says why, keeps what came before it, and changes nothing itself" do
    operate(@page, { verb: "put", items: [ note("n1") ] }, { verb: "put", items: [ note("n2", width: "wide") ] }, { verb: "put", items: [ note("n3") ] })
    assert_response :success
    assert_match(/width of this note must be a number/, answer["refused"]["error"])
    assert_equal [ "n1" ], @page.items.pluck(:key)
  end

  test "what is not a list of operations is refused" do
    [ "", "{", "[]", "[1]", { operations: nil }.to_json, { operations: [ 1 ] * 3 }.to_json, { operations: [ {} ] * 51 }.to_json ].each do |body|
      post page_operations_path(@page), params: body, headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
      assert_includes [ 400, 422 ], response.status, body
    end
    operate(@page, nil)
    assert_match(/set of named values/, answer["refused"]["error"])
    assert_equal 0, @page.reload.seq
  end

  test "bad ids are refused" do
    operate(@page, { verb: "put", items: [ note ] }, id: "a b")
    assert_match(/id/, answer["refused"]["error"])
  end

  test "items cannot show another teacher's picture or another lesson's activity" do
    theirs = picture_of(teacher("Ivo"))
    operate(@page, { verb: "put", items: [ { kind: "picture", id: "p", x: 0, y: 0, width: 9, height: 9, picture: theirs.id } ] })
    assert_match(/not in this lesson's store room/, answer["refused"]["error"])
    operate(@page, { verb: "put", items: [ { kind: "activity", id: "a", x: 0, y: 0, width: 9, height: 9, title: "x", activity_kind: "sort", activity: activity(lesson(@owner)).id } ] })
    assert_match(/not in this lesson's store room/, answer["refused"]["error"])
    assert_empty @page.items
  end

  test "undo and redo go step by step, also after everything was loaded anew" do
    operate(@page, { verb: "put", items: [ note("n1") ] })
    operate(@page, { verb: "move", ids: [ "n1" ], by: [ 50, 0 ] })
    undo
    assert_equal 100, x("n1")
    assert_equal({ "undo" => true, "redo" => true }, answer["can"])
    undo
    assert_empty @page.items.reload
    undo
    assert_empty answer["patches"]
    2.times { redo! }
    assert_equal 150, x("n1")
    assert_equal({ "undo" => true, "redo" => false }, answer["can"])
  end

  test "a new step after undo closes the way to the undone one" do
    operate(@page, { verb: "put", items: [ note("n1") ] })
    undo
    operate(@page, { verb: "put", items: [ note("n2") ] })
    assert_not answer["can"]["redo"]
    redo!
    assert_equal [ "n2" ], @page.items.pluck(:key)
  end

  test "an undo sent twice takes back one step" do
    operate(@page, { verb: "put", items: [ note("n1") ] })
    operate(@page, { verb: "put", items: [ note("n2") ] })
    2.times { post page_undo_path(@page), params: { id: "same" }, as: :json }
    assert_equal [ "n1" ], @page.items.pluck(:key)
  end

  test "undo is per person and passes over what somebody else took away" do
    colleague = teacher("Ivo")
    lay(@page, note("mine"), by: @owner)
    lay(@page, note("theirs"), by: colleague)
    @page.undo(by: @owner, id: fresh)
    assert_equal [ "theirs" ], @page.items.reload.pluck(:key)
    @page.perform({ "verb" => "move", "ids" => [ "theirs" ], "by" => [ 5, 5 ] }, id: fresh, by: @owner)
    @page.perform({ "verb" => "remove", "ids" => [ "theirs" ] }, id: fresh, by: colleague)
    assert_nothing_raised { @page.undo(by: @owner, id: fresh) }
    assert_empty @page.items.reload
  end

  test "many undos and redos in any order end where the log says" do
    random = Random.new(3)
    12.times { |step| operate(@page, { verb: "put", items: [ note("n#{step}") ] }) }
    expected = 12
    60.times do
      if random.rand < 0.5
        undo
        expected -= 1 if expected.positive?
      else
        redo!
        expected += 1 if expected < 12
      end
    end
    assert_equal (0...expected).map { |step| "n#{step}" }, @page.items.reload.pluck(:key).sort_by { |key| key[1..].to_i }
  end

  test "a page is shown with what can be undone" do
    operate(@page, { verb: "put", items: [ note("n1") ] })
    get page_path(@page), as: :json
    assert_includes answer["items"], "Boots"
    assert_equal 1, answer["seq"]
    assert_equal Live::Feed::FROM, answer["mark"]["from"]
  end

  test "the page's minutes, paper and colour change by an operation" do
    operate(@page, { verb: "restyle", set: { paper: "squared", minutes: 9 } })
    assert_equal [ "squared", 9 ], [ @page.reload.paper, @page.minutes ]
    assert_includes answer["patches"].first["ground"], "M53.87"
    undo
    assert_equal [ "plain", 5 ], [ @page.reload.paper, @page.minutes ]
  end

  test "a paper has measures, which are checked with it and taken back with it" do
    operate(@page, { verb: "restyle", set: { paper: "axes", measures: { x_from: 0, x_to: 2, x_step: 0.25 } } })
    assert_includes answer["patches"].first["ground"], ">1.75<"
    operate(@page, { verb: "restyle", set: { paper: "axes", measures: { x_from: 5, x_to: 2 } } })
    assert_match(/must go up/, answer["refused"]["error"])
    operate(@page, { verb: "restyle", set: { paper: "axes", measures: { x_from: 0, x_to: 1000, x_step: 0.001 } } })
    assert_match(/larger step/, answer["refused"]["error"])
    operate(@page, { verb: "restyle", set: { measures: { spacing: 5 } } })
    assert answer["refused"]
    assert_equal 0.25, @page.reload.measures["x_step"]
    undo
    assert_equal [ "plain", {} ], [ @page.reload.paper, @page.measures ]
  end

  test "a picture of the teacher's own is a paper, somebody else's is not" do
    mine, theirs = picture_of(@page.lesson.teacher), picture_of(teacher("Ivo"))
    operate(@page, { verb: "restyle", set: { paper: "picture", measures: { picture: theirs.id } } })
    assert_match(/not in this lesson's store room/, answer["refused"]["error"])
    assert_equal "plain", @page.reload.paper
    operate(@page, { verb: "restyle", set: { paper: "picture", measures: { picture: mine.id, fit: "whole" } } })
    assert_equal mine, @page.reload.picture
    assert_equal mine, Access::Student.new(seat(sit(@page.lesson))).picture("/pictures/#{mine.id}")
    undo
    assert_nil @page.reload.picture
  end

  test "ink that is none is refused with a sentence and changes nothing" do
    good = { kind: "ink", id: "s1", points: [ [ 10, 10, nil, 0 ], [ 90, 40, nil, 30 ] ] }
    { "no points" => { points: [] }, "more than" => { points: [ [ 1, 1 ] ] * 6_000 }, "not on or near" => { points: [ [ 1e9, 5 ] ] }, "list of points" => { points: "M0 0" },
      "colour" => { colour: "blue" }, "must be one of" => { nib: "feather" }, "a number" => { stroke_width: 0 }, "missing|no points|list" => { points: nil } }.each do |words, bad|
      operate(@page, { verb: "put", items: [ good.merge(bad) ] })
      assert_match(/#{words}/, answer.dig("refused", "error"), bad.inspect)
    end
    post page_operations_path(@page), params: %({"operations":[{"id":"n","operation":{"verb":"put","items":[{"kind":"ink","id":"s2","points":[[NaN,1]]}]}}]}), headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
    assert_response :unprocessable_entity
    operate(@page, { verb: "put", items: [ { kind: "text", id: "t1", x: 0, y: 0, width: 500, height: 0, text: "a" * 1_000_000 } ] })
    assert_match(/longer than/, answer.dig("refused", "error"))
    operate(@page, { verb: "put", items: [ { kind: "text", id: "t1", x: 0, y: 0, width: 500, height: 0, text: "a", font: "wingtips" } ] })
    assert answer["refused"]
    assert_equal [ 0, 0 ], [ @page.reload.seq, @page.items.count ]
  end

  test "a million points do not get in" do
    million = "[#{([ '[1,1]' ] * 1_000_000).join(',')}]"
    post page_operations_path(@page), params: %({"operations":[{"id":"m","operation":{"verb":"put","items":[{"kind":"ink","id":"s","points":#{million}}]}}]}), headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
    assert_match(/more than/, answer["error"] || answer.dig("refused", "error"))
    assert_empty @page.items
  end

  private

  def undo = post(page_undo_path(@page), params: { id: fresh }, as: :json)
  def redo! = post(page_redo_path(@page), params: { id: fresh }, as: :json)
  def x(key) = @page.items.reload.find { |item| item.key == key }.data["x"]
end
