require "test_helper"

# The class on its own devices.
class ClassTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.first
    @sitting = sit(@lesson)
  end

  test "the code is not case-sensitive and two of a name are told apart" do
    post seat_path, params: { code: "#{@sitting.code[0, 3].downcase} #{@sitting.code[3, 3]}", name: " Juniper " }
    assert_redirected_to seat_path
    reset!
    come_in @sitting
    assert_equal [ "Juniper", "Juniper 2" ], @sitting.seats.pluck(:name)
    get seat_path
    assert_select ".device-head p", /You are in as Juniper 2/
  end

  test "a wrong code, no name and too long a name are said" do
    post seat_path, params: { code: "CCC333", name: "Rowan" }
    assert_select "[role=alert]", /No lesson is open with that code/
    post seat_path, params: { code: @sitting.code, name: " " }
    assert_select "[role=alert]", /Type your name/
    post seat_path, params: { code: @sitting.code, name: "x" * 31 }
    assert_select "[role=alert]", /at most 30/
    assert_empty @sitting.seats
  end

  test "guessing codes is slowed down" do
    41.times { |n| post seat_path, params: { code: "CCC#{333 + n}", name: "Guess" } }
    assert_select "[role=alert]", /Too many wrong codes/
  end

  test "a device gets what is on the page and nothing from the wings" do
    lay(@page, note("seen", text: "On the page"), note("wings", text: "Secret", x: 1700), note("half", text: "Half", x: -100))
    come_in @sitting
    get seat_path
    assert_includes response.body, "On the page"
    assert_includes response.body, "Half"
    assert_not_includes response.body, "Secret"
  end

  test "a picture in the wings, or on another page, is not served to a device" do
    shown, hidden, other = Array.new(3) { picture_of(@owner) }
    values = { "kind" => "picture", "y" => 0, "width" => 40, "height" => 30 }
    lay(@page, values.merge("id" => "a", "x" => 0, "picture" => shown.id), values.merge("id" => "b", "x" => 1900, "picture" => hidden.id))
    lay(@lesson.pages.last, values.merge("id" => "c", "x" => 0, "picture" => other.id))
    come_in @sitting
    assert_equal [ 200, 404, 404 ], [ shown, hidden, other ].map { |picture| get(picture_path(picture)) }
  end

  test "shut doors end it with a clear page, and nothing more is given out" do
    come_in @sitting
    @sitting.shut
    get seat_path
    assert_select "h1", "The doors are shut"
    get "/seat/page"
    assert_response :gone
    post "/seat/answer", params: { poll: 1, choice: "A" }
    assert_response :gone
  end

  test "doors somebody forgot are shut after half a day" do
    recent = sit(lesson(@owner))
    @sitting.update!(opened_at: 13.hours.ago)
    ShutForgottenDoorsJob.perform_now
    assert_equal [ false, true ], [ @sitting, recent ].map { |sitting| sitting.reload.open? }
  end

  test "doors are opened, looked at and shut; opening twice is one sitting" do
    sign_in @owner
    @sitting.shut
    get lesson_sitting_path(@lesson)
    assert_select "button", /Open the doors/
    2.times { post lesson_sitting_path(@lesson) }
    assert_equal 1, @lesson.sittings.open.count
    assert_select ".doors-big", Usher::Classroom::Code.show(@lesson.sitting.code)
    delete lesson_sitting_path(@lesson)
    assert_empty @lesson.sittings.open
    get lesson_roll_path(@lesson)
    assert_empty response.body
  end

  test "a letters poll is asked, answered, changed, shown and closed" do
    student = come_in(@sitting)
    get "/seat/poll"
    assert_empty response.body
    poll = Poll.ask(@sitting, "letters", { "count" => 3 })
    get "/seat/poll"
    assert_select "input[type=radio]", 3
    post "/seat/answer", params: { poll: poll.id, choice: "B" }
    post "/seat/answer", params: { poll: poll.id, choice: "C" }
    assert_select "[role=status]", /Kept/
    post "/seat/answer", params: { poll: poll.id, choice: "F" }, headers: { "HX-Request" => "true" }
    assert_response :unprocessable_entity
    assert_equal "Choose one of A, B, C.", response.body
    assert_equal [ [ student.id, "C" ] ], poll.answers.pluck(:seat_id, :value)
    poll.close
    post "/seat/answer", params: { poll: poll.id, choice: "A" }, headers: { "HX-Request" => "true" }
    assert_match(/closed/, response.body)

    sign_in @owner
    get poll_path(poll)
    assert_select ".poll-count", "?"
    patch poll_path(poll, revealed: 1)
    assert_equal %w[0 0 1], css_select(".poll-count").map(&:text)
    assert_select "[role=status]", /1 of 1 answered. The poll is closed./
  end

  test "a new poll closes the one before; letters are 2 to 6; no doors, no poll" do
    sign_in @owner
    first = Poll.ask(@sitting, "letters", { "count" => 2 })
    post lesson_polls_path(@lesson, letters: 4)
    assert first.reload.closed?
    post lesson_polls_path(@lesson, letters: 9), headers: { "HX-Request" => "true" }
    assert_match(/2 to 6/, response.body)
    post lesson_polls_path(@lesson, letters: "x"), headers: { "HX-Request" => "true" }
    assert_response :unprocessable_entity
    @sitting.shut
    post lesson_polls_path(@lesson, letters: 4), headers: { "HX-Request" => "true" }
    assert_match(/Open the doors first/, response.body)
  end

  test "a class of thirty behind one address comes in within a minute" do
    30.times do |number|
      reset!
      post seat_path, params: { code: @sitting.code, name: "Child #{number}" }
      assert_redirected_to seat_path
    end
    assert_equal 30, @sitting.seats.count
  end

  test "an activity left unfinished goes on where it was; start again deals anew" do
    card_on(@page, safe = activity(@lesson))
    student = come_in(@sitting)
    post activity_attempts_path(safe, as: "seat", resume: 1)
    attempt = safe.attempts.sole
    post attempt_moves_path(attempt), params: { id: fresh, move: { piece: "p1", place: home(attempt, "p1") } }, as: :json
    post activity_attempts_path(safe, as: "seat", resume: 1)
    assert_select ".piece-right", 1
    assert_equal [ attempt ], student.attempts.to_a
    post activity_attempts_path(safe, as: "seat")
    assert_select ".piece-right", 0
    assert_equal 2, student.attempts.count
  end

  test "the roll says who is in, who answered, and who finished with which score" do
    card_on(@page, safe = activity(@lesson))
    juniper, rowan = seat(@sitting), seat(@sitting, "Rowan")
    juniper.arrive
    Poll.ask(@sitting, "letters", { "count" => 2 }).take_answer(juniper, "A")
    attempt = safe.deal(to: Participant.of(juniper))
    place(attempt, "p1", astray(attempt, "p1"))
    %w[p1 p2 p3 p4].each { |piece| place(attempt, piece) }
    place(safe.deal(to: Participant.of(rowan)), "p1", "g1")
    sign_in @owner
    get lesson_roll_path(@lesson)
    assert_select "[data-roll][data-here='1']"
    get lesson_roll_path(@lesson, list: 1)
    rows = css_select("tbody tr").map { |row| row.text.squish }
    assert_match(/Juniper answered ✓ 3 of 4 in 0:0\d/, rows.first)
    assert_match(/Rowan \(away\) … [01] of 4 answered/, rows.last)
  end
end
