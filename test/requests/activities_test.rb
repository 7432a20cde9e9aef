require "test_helper"

class ActivitiesTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    sign_in @owner
  end

  test "made in three steps: fill in, look, put it on the page" do
    get new_lesson_activity_path(@lesson)
    assert_select "[x-data=sortMaker]"
    post lesson_activities_path(@lesson), params: { kind: "sort", title: "Safe or wait?", content: SORT.to_json }
    made = @lesson.activities.sole
    assert_redirected_to activity_look_path(made)
    follow_redirect!
    assert_select ".player", 1
    post activity_placing_path(made)
    item = @lesson.pages.first.items.sole
    assert_equal [ made.id, "Safe or wait?" ], [ item.activity_id, item.data["title"] ]
  end

  test "changing it brings its cards up to date" do
    made = activity(@lesson)
    card_on(@lesson.pages.first, made)
    patch activity_path(made), params: { title: "Cross it?", content: SORT.to_json }
    post activity_placing_path(made)
    assert_equal "Cross it?", @lesson.pages.first.items.sole.data["title"]
  end

  test "what is missing or clashes is said, with what was typed still there" do
    post lesson_activities_path(@lesson), params: { title: "", content: { groups: [ { name: "Safe", tiles: [] }, { name: "Wait", tiles: [ "x" ] } ] }.to_json }
    assert_response :unprocessable_entity
    assert_select "[role=alert]", /Give the activity a title.*“Safe” has no tiles/
    assert_includes css_select("[data-groups]").first["data-groups"], "Wait"
    [ "nonsense", "[]", "3", nil ].each do |content|
      post lesson_activities_path(@lesson), params: { title: "T", content: content }
      assert_response :unprocessable_entity
    end
    post lesson_activities_path(@lesson), params: { title: "T", content: "[#{'1,' * 60_000}1]" }
    assert_redirected_to root_path
    assert_empty @lesson.activities
  end

  test "a go is marked move by move and its answers stay on the server" do
    made = activity(@lesson)
    post activity_attempts_path(made)
    attempt = made.attempts.sole
    move(attempt, piece: "p1", place: astray(attempt, "p1"))
    assert_select ".tray [data-piece=p1]", 1
    assert_select "[role=status]", /does not belong there. It went back/
    %w[p1 p2 p3 p4].each { |piece| move(attempt, piece: piece, place: home(attempt, piece)) }
    assert_select ".player-end", /3 of 4 at the first go/
    assert_equal [ 4, 1, 3, "done" ], [ attempt.reload.answered, attempt.misses, attempt.points, attempt.ended ]
    assert_equal 5, attempt.moves.count
  end

  test "a move sent twice counts once" do
    attempt = activity(@lesson).deal
    2.times { post attempt_moves_path(attempt), params: { id: "once", move: { piece: "p1", place: astray(attempt, "p1") } }, as: :json }
    assert_response :success
    assert_equal [ 1, 1 ], [ attempt.reload.misses, attempt.moves.count ]
  end

  test "impossible moves are refused and change nothing" do
    attempt = activity(@lesson).deal
    [ {}, { id: fresh }, { id: "", move: { piece: "p1", place: "g1" } }, { id: fresh, move: [] }, { id: fresh, move: { piece: "p99", place: "g1" } }, { id: fresh, move: { piece: "p1", place: 1 } },
      { id: { a: 1 }, move: { piece: "p1", place: "g1" } }, { id: fresh, move: { piece: "p1", place: "x" * 5_000 } } ].each do |sent|
      post attempt_moves_path(attempt), params: sent, headers: { "HX-Request" => "true" }, as: :json
      assert_response :unprocessable_entity, sent.inspect
    end
    post attempt_moves_path(attempt), params: "{", headers: { "HX-Request" => "true", "Content-Type" => "text/plain" }
    assert_response :unprocessable_entity
    assert_equal [ 0, {} ], [ attempt.moves.count, attempt.reload.state["answers"] ]
  end

  test "each go is shuffled afresh, and trying out leaves one behind at the most" do
    made = activity(@lesson)
    assert_operator Array.new(12) { made.deal.play.deal.pieces }.uniq.size, :>, 3
    assert_equal 1, made.attempts.count
    3.times { get activity_look_path(made) }
    assert_equal 1, made.attempts.count
  end

  test "a change makes an edition, and a go stays with the one it was dealt from" do
    made = activity(@lesson)
    sitting = Sitting.teach(@lesson, @lesson.pages.first)
    attempt = made.deal(layer: sitting.layer)
    place(attempt, "p1")
    patch activity_path(made), params: { title: "Cross it?", content: { groups: [ { name: "Now", tiles: [ "06:00" ] }, { name: "Later", tiles: [ "07:00" ] } ] }.to_json }
    assert_equal [ 1, 2 ], made.editions.reload.pluck(:number)
    move(attempt, piece: "p2", place: home(attempt, "p2"))
    assert_response :success
    assert_equal 2, attempt.reload.answered
    assert_equal 2, made.reload.deal(layer: sitting.layer).size
    patch activity_path(made), params: { title: "Cross it now?", content: made.content.to_json }
    assert_equal 2, made.editions.reload.count, "another title is no other edition"
    assert_raises(ActiveRecord::ReadOnlyRecord) { made.edition.update!(content: SORT) }
  end

  test "in a sitting the go stands at the wall until the page is reset" do
    page = @lesson.pages.first
    card_on(page, made = activity(@lesson))
    sitting = Sitting.teach(@lesson, page)
    post activity_attempts_path(made, sitting: sitting.id, resume: 1)
    attempt = made.attempts.sole
    assert_equal sitting.layer, attempt.layer
    get page_goes_path(page, sitting: sitting.id)
    assert_equal [ { "activity" => made.id, "attempt" => attempt.id } ], response.parsed_body
    post activity_attempts_path(made, sitting: sitting.id, resume: 1)
    assert_equal 1, made.attempts.count
    post page_reset_path(page), params: { id: fresh, sitting: sitting.id }, as: :json
    get page_goes_path(page, sitting: sitting.id)
    assert_empty response.parsed_body
    post activity_attempts_path(made, sitting: 0), headers: { "HX-Request" => "true" }
    assert_match(/not held any more/, response.body)
  end

  test "the time of a go ends it; what was done before and arrives late still counts" do
    made = @lesson.activities.create!(title: "Quick", kind: "sort", content: SORT, rules: { "seconds" => 30, "marked" => "parts" })
    attempt = made.deal
    travel 40.seconds
    get attempt_path(attempt)
    assert_select ".player-end", /time is over/
    move(attempt, ago: 20, piece: "p1", place: home(attempt, "p1"))
    assert_response :success
    post attempt_moves_path(attempt), params: { id: fresh, move: { piece: "p2", place: "g1" } }, headers: { "HX-Request" => "true" }, as: :json
    assert_match(/time for this go is over/, response.body)
    assert_equal 1, attempt.reload.answered
  end

  test "how it is solved is the teacher's to show at the wall, and nobody's to ask for before" do
    attempt = activity(@lesson).deal
    get attempt_path(attempt, solved: 1)
    assert_select ".piece-right", 4
    assert_empty attempt.reload.state["answers"]
  end

  private

  def move(attempt, ago: nil, **move) = post(attempt_moves_path(attempt), params: { id: fresh, move: move, ago: ago }.compact, as: :json)
end
