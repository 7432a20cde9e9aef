require "test_helper"

class LessonsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    sign_in @owner
  end

  test "an empty desk says what it is for" do
    get root_path
    assert_select ".empty", /lie here/
  end

  test "the desk shows the newest first and finds by title, subject and year" do
    tides, ropes = lesson(@owner), Lesson.start(teacher: @owner, title: "Ropes", subject: "Maths")
    tides.touch(time: 1.minute.from_now)
    get root_path
    assert_equal %w[Tides Ropes], css_select(".lesson-card h3").map { |title| title.text.strip }
    get root_path(q: "math")
    assert_equal [ ropes.title ], css_select(".found strong").map { |title| title.text.strip }
    get root_path(q: "100%_")
    assert_select ".empty", /No lesson has/
  end

  test "a blank board is one tap away and gets a name" do
    post lessons_path(blank: 1)
    assert_match(/\ABlank board, \w+day \d\d:\d\d\z/, @owner.lessons.sole.title)
    assert_redirected_to @owner.lessons.sole
    follow_redirect!
    assert_select "#stage"
  end

  test "a lesson is renamed; a title it cannot have is refused and the old one stays" do
    tides = lesson(@owner)
    patch lesson_path(tides), params: { lesson: { title: "  Ebb  " } }, as: :json
    assert_equal "Ebb", tides.reload.title
    patch lesson_path(tides), params: { lesson: { title: " " } }, as: :json
    assert_response :unprocessable_entity
    assert_equal "A lesson needs a title.", answer["error"]
    patch lesson_path(tides), params: { lesson: { title: "x" * 121 } }, as: :json
    assert_response :unprocessable_entity
    assert_equal "Ebb", tides.reload.title
  end

  test "a duplicate has its own pages, items and activities" do
    tides = lesson(@owner, pages: 2)
    lay(tides.pages.first, note("n1"))
    card_on(tides.pages.last, activity(tides))
    post lesson_copy_path(tides)
    copy = @owner.lessons.newest.first
    assert_equal "Tides (copy)", copy.title
    assert_equal [ 1, 1 ], copy.pages.map { |page| page.items.count }
    assert_equal copy.activities.sole.id, copy.pages.last.items.sole.activity_id
    assert_includes copy.pages.last.items.sole.svg, %(data-activity="#{copy.activities.sole.id}")
    lay(copy.pages.first, note("n2"))
    assert_equal 1, tides.pages.first.items.count
  end

  test "into the bin and back, with the doors shut on the way" do
    tides = lesson(@owner)
    sitting = sit(tides)
    delete lesson_path(tides)
    assert_not sitting.reload.open?
    get lesson_path(tides)
    assert_response :not_found
    get bin_path
    assert_select "h3", "Tides"
    post lesson_return_path(tides)
    get lesson_path(tides)
    assert_response :success
  end

  test "after thirty days the bin is emptied for good" do
    old, young = lesson(@owner, pages: 2), lesson(@owner)
    lay(old.pages.first, note)
    old.pages.first.undo(by: @owner, id: fresh)
    card_on(old.pages.last, activity(old))
    juniper = seat(sit(old))
    attempt = old.activities.sole.deal(to: Participant.of(juniper))
    place(attempt, "p1")
    old.activities.sole.deal(layer: old.sitting.layer)
    Poll.ask(old.sitting, "letters", { "count" => 2 }).take_answer(juniper, "A")
    Take.start(old.pages.first.showing)
    old.update!(binned_at: 31.days.ago)
    young.bin
    EmptyBinJob.perform_now
    assert_equal [ young ], Lesson.all.to_a
    assert_equal [ young.id ], Page.pluck(:lesson_id)
  end

  test "a lesson reopens at the page and place it was left" do
    tides = lesson(@owner, pages: 3)
    second = tides.pages.second
    patch lesson_place_path(tides), params: { page: second.id, view: [ 10, 20, 1.5 ] }, as: :json
    get lesson_path(tides)
    data = JSON.parse(css_select("#board").first["data-board"])
    assert_equal [ second.id, [ 10, 20, 1.5 ] ], data.values_at("page", "view")
    patch lesson_place_path(tides), params: { page: second.id, view: [ "x" ] }, as: :json
    assert_response :unprocessable_entity
    second.bin
    get lesson_path(tides)
    assert_equal tides.pages.first.id, JSON.parse(css_select("#board").first["data-board"])["page"]
  end

  test "pages are added, duplicated, moved and deleted, and one always stays" do
    tides = lesson(@owner, pages: 2)
    first, second = tides.pages.to_a
    lay(first, note("n1"))
    post lesson_pages_path(tides), params: { page: first.id }, as: :json
    third = answer["page"]
    assert_equal [ first.id, third, second.id ], order(tides)
    post page_copy_path(first), as: :json
    copy = answer["page"]
    assert_equal [ first.id, copy, third, second.id ], order(tides)
    assert_equal "n1", Page.find(copy).items.sole.key
    patch page_position_path(second), params: { number: 1 }, as: :json
    assert_equal [ second.id, first.id, copy, third ], order(tides)
    patch page_position_path(second), params: { number: 99 }, as: :json
    assert_equal second.id, order(tides).last
    patch page_position_path(second), params: { number: "soon" }, as: :json
    assert_response :unprocessable_entity
    [ first.id, copy, third ].each { |page| delete page_path(page), as: :json }
    delete page_path(second), as: :json
    assert_equal "A lesson keeps at least one page.", answer["error"]
  end

  test "a strict policy stands on every page, and nothing is styled or scripted inline" do
    tides = lesson(@owner)
    [ root_path, lesson_path(tides), lesson_teach_path(tides), bin_path, takes_path, new_lesson_activity_path(tides) ].each do |path|
      get path
      policy = response.headers["Content-Security-Policy"]
      assert_includes policy, "default-src 'none'"
      assert_no_match(/unsafe/, policy)
      assert_no_match(/ style="| on\w+="/, response.body, path)
    end
  end

  test "what is not there is said plainly" do
    get "/404"
    assert_response :not_found
    assert_select "h1", "That is not here"
    get "/500", as: :json
    assert_match(/still kept/, answer["error"])
  end

  private

  def order(lesson) = lesson.reload.pages.reload.map(&:id)
end
