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
    assert_select ".player", 2
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
    assert_not_includes response.body, SORT.to_json
    wrong = { tile: 0, group: 1 - home(attempt, 0) }
    post attempt_moves_path(attempt), params: { move: wrong.to_json }
    assert_select ".tile-back", 1
    assert_select "[role=status]", /does not belong there/
    4.times { |tile| post attempt_moves_path(attempt), params: { move: { tile: tile, group: home(attempt, tile) }.to_json } }
    assert_select ".player-end", /3 of 4 right at the first go, 1 miss/
    assert_equal [ 4, 1, 3 ], [ attempt.reload.placed, attempt.misses, attempt.score ]
    assert attempt.done?
  end

  test "impossible moves are refused and change nothing" do
    attempt = activity(@lesson).deal
    [ "", "{", "[]", { tile: 99, group: 0 }.to_json, { tile: "0", group: 0 }.to_json, nil ].each do |move|
      post attempt_moves_path(attempt), params: { move: move }, headers: { "HX-Request" => "true" }
      assert_response :unprocessable_entity
    end
    assert_empty attempt.reload.moves
  end

  test "each go is shuffled afresh" do
    made = activity(@lesson)
    assert_operator Array.new(12) { made.deal.play.deal["tiles"] }.uniq.size, :>, 3
  end
end
