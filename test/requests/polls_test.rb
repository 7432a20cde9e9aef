require "test_helper"

# Questions of every kind, from the teacher's tap to the answers on a page.
class PollsRequestTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @sitting = sit(@lesson)
    @rowan = seat(@sitting, "Rowan")
    @seat = come_in(@sitting)
  end

  def ask(kind, given = {}, **more) = Poll.ask(@sitting, kind, given, **more)
  def answer(poll, choice) = post(seat_answer_path, params: { poll: poll.id, choice: choice }, headers: { "HX-Request" => "true" })
  def owner = @teachers ||= open_session { |session| session.post session_path, params: { email: @owner.email, password: World::PASSWORD } }

  STROKE = { "kind" => "ink", "id" => "a1", "colour" => "#1e6079", "stroke_width" => 8, "nib" => "even", "opacity" => 1, "points" => [ [ 10, 10, nil, 0 ], [ 60, 40, nil, 9 ] ] }.freeze
  ANSWERS = { "letters" => [ {}, "B" ], "yes_no" => [ {}, "No" ], "true_false" => [ {}, "True" ], "choices" => [ { "choices" => "ebb\nflood", "several" => "1" }, %w[ebb flood] ], "scale" => [ {}, "3" ], "number" => [ {}, "3,5" ],
    "text" => [ {}, "It <b>rises</b>" ], "words" => [ {}, "moon, sun" ], "drawing" => [ {}, [ STROKE ].to_json ], "spot" => [ {}, "[100, 200]" ], "order" => [ { "things" => "a\nb" }, '["b","a"]' ] }.freeze

  ANSWERS.each do |kind, (given, choice)|
    test "#{kind}: asked, answered on a device, shown at the wall, large, and made a page" do
      poll = ask(kind, given, question: "What about <i>it</i>?")
      get seat_poll_path
      assert_select "form [name^=choice]"
      assert_select "h2", "What about <i>it</i>?"
      answer(poll, choice)
      assert_response :success
      assert_select "form[data-answered] [role=status]", /Kept/
      get seat_poll_path
      assert_select "[role=status]", /You said/
      owner.patch poll_path(poll), params: { revealed: "1" }
      assert_includes owner.response.body, "1 of 2 answered"
      owner.get poll_wall_path(poll)
      assert_not_includes owner.response.body, "Juniper"
      assert_not_includes owner.response.body, "<b>rises"
      owner.get poll_wall_path(poll), params: { names: "1" }
      assert_includes owner.response.body, "Juniper"
      assert_difference("@lesson.pages.reload.count") { owner.post poll_page_path(poll) }
      assert_equal poll.page.position + 1, @lesson.pages.max_by(&:id).position
      assert_not_includes @lesson.pages.max_by(&:id).items.pluck(:words).join, "Juniper"
    end
  end

  test "a question for some is no question for others, and is counted among the former" do
    @sitting.seats.find_by(name: "Rowan").update!(group_name: "Boats")
    owner.post lesson_polls_path(@lesson, sitting: @sitting.id), params: { kind: "yes_no", to: "group:Boats" }
    poll = @sitting.poll
    assert_equal [ [ @rowan.id ], 1 ], [ poll.seats, poll.meant ]
    get seat_poll_path
    assert_empty response.body.strip
    answer(poll, "Yes")
    assert_response :unprocessable_entity
    assert_match(/for others/, response.body)
    assert_equal [ 0, [ "Rowan" ] ], [ poll.answers.count, Roll.new(@sitting).asked.map { |row| row.seat.name } ]
    assert_equal [ @rowan.id ], Poll.again(poll).seats
    elsewhere = seat(sit(lesson))
    owner.post lesson_polls_path(@lesson, sitting: @sitting.id), params: { kind: "yes_no", to: "seat:#{elsewhere.id}" }, headers: { "HX-Request" => "true" }
    assert_equal 422, owner.response.status
  end

  test "answers are put together under a name, and apart again" do
    poll = ask("text")
    poll.take_answer(@rowan, "The moon")
    poll.take_answer(@seat, "Our moon")
    both, piles = poll.answers.ids, -> { poll.answers.pluck(:pile).compact.uniq.sort }
    owner.patch poll_wall_path(poll), params: { chosen: both, pile: " Because of   the moon " }
    assert_equal [ "Because of the moon" ], piles.call
    owner.patch poll_wall_path(poll), params: { chosen: both.first(1), pile: "" }
    assert_equal [ "Because of the moon", "Pile 1" ], piles.call
    assert_select_in = ->(words) { assert_includes owner.response.body, words }
    assert_select_in.("answers-pile")
    owner.patch poll_wall_path(poll), params: { chosen: both, apart: "1" }
    assert_empty piles.call
    other = Poll.ask(sit(lesson), "text").tap { |one| one.take_answer(one.sitting.seats.create!(name: "Wren", code: one.sitting.code), "x") }
    [ { pile: "Nothing ticked" }, { chosen: other.answers.ids, pile: "Theirs" }, { chosen: { a: 1 }, pile: "x" } ].each do |bad|
      owner.patch poll_wall_path(poll), params: bad, headers: { "HX-Request" => "true" }
      assert_equal 422, owner.response.status, bad.inspect
    end
    assert_nil other.answers.first.pile
  end

  test "on the page the answers grow, say nothing before they are shown, and nobody's undo takes that back" do
    poll = ask("letters", { "count" => "2" })
    owner.post poll_thing_path(poll)
    thing = poll.things.sole
    poll.take_answer(@seat, "B")
    poll.redraw_things
    assert_equal [ 1, [ nil, nil ] ], thing.reload.data.then { |data| [ data["answered"], data["rows"].map { |row| row["count"] } ] }
    poll.reveal(true)
    poll.redraw_things
    assert_equal [ 0, 1 ], thing.reload.data["rows"].map { |row| row["count"] }
    assert_empty poll.page.showing(Viewer.preparing(@lesson)).items.where(kind: "results"), "the lesson itself is as it was"
    poll.page.reload.undo(by: @owner, id: "u1", layer: @sitting.layer)
    assert_empty poll.things
    poll.page.redo(by: @owner, id: "r1", layer: @sitting.layer)
    assert_equal [ 0, 1 ], poll.things.sole.data["rows"].map { |row| row["count"] }
  end

  test "every kind is registered, and its form can be opened" do
    assert_equal ANSWERS.keys.sort, Usher::Polls.registry.names.sort
    ANSWERS.each_key { |kind| owner.get(new_lesson_poll_path(@lesson, kind: kind)).then { |status| assert_equal 200, status, kind } }
    owner.get new_lesson_poll_path(@lesson, kind: "riddle"), headers: { "HX-Request" => "true" }
    assert_equal 422, owner.response.status
  end

  test "wrong settings and wrong answers are told, and change nothing" do
    poll = ask("choices", { "choices" => "ebb\nflood" })
    assert_no_difference("Poll.count") { owner.post lesson_polls_path(@lesson, kind: "choices", choices: "one"), headers: { "HX-Request" => "true" } }
    assert_equal [ 422, poll ], [ owner.response.status, @sitting.poll ]
    [ "spring", %w[ebb flood], nil, { a: 1 } ].each do |choice|
      answer(poll, choice)
      assert_response :unprocessable_entity
    end
    assert_equal 0, Answer.count
  end

  test "of an anonymous question not even the database knows" do
    poll = ask("yes_no", {}, anonymous: true)
    poll.take_answer(@rowan, "No")
    answer(poll, "Yes")
    answer(poll, "No")
    assert_response :unprocessable_entity
    assert_equal [ [ nil, nil ], %w[No Yes] ], [ poll.answers.pluck(:seat_id), poll.values.sort ]
    assert_equal [ poll.created_at ], poll.answers.pluck(:created_at, :updated_at).flatten.uniq
    assert_equal [ @rowan.id, @seat.id ].sort, poll.reload.answered
    owner.get poll_wall_path(poll), params: { names: "1" }
    assert_no_match(/Juniper|Rowan/, owner.response.body)
    owner.get lesson_roll_path(@lesson), params: { list: 1 }
    assert_no_match(/<td>(Yes|No)</, owner.response.body)
  end

  test "asked again, both results stand side by side" do
    poll = ask("true_false")
    answer(poll, "True")
    owner.patch poll_path(poll), params: { revealed: "1", closed: "1" }
    assert_includes owner.response.body, "Ask again"
    owner.post lesson_polls_path(@lesson, again: poll.id)
    again = @sitting.reload.poll
    assert_equal [ poll, "true_false" ], [ again.before, again.kind ]
    owner.patch poll_path(again), params: { revealed: "1" }
    assert_select Nokogiri::HTML(owner.response.body), ".poll-pair h4", 2
    owner.post lesson_polls_path(@lesson, again: Poll.ask(sit(lesson(teacher("Ivo"))), "yes_no").id)
    assert_equal 404, owner.response.status
  end

  test "words are joined and split by the teacher" do
    poll = ask("words")
    answer(poll, "ebb, tide")
    poll.take_answer(@rowan, "low water")
    owner.patch poll_path(poll), params: { join: "low water", to: "ebb" }
    assert_equal [ [ "ebb", 2 ], [ "tide", 1 ] ], poll.reload.tally.rows.map { |row| [ row.choice, row.count ] }
    owner.patch poll_path(poll), params: { split: "low water" }
    assert_equal 3, Poll.find(poll.id).tally.rows.size
    owner.patch poll_path(poll), params: { join: "spring", to: "ebb" }, headers: { "HX-Request" => "true" }
    assert_equal 422, owner.response.status
  end

  test "drawings grow on the page too, small and in few points" do
    poll = ask("drawing")
    owner.post poll_thing_path(poll)
    poll.take_answer(@seat, [ Usher::Polls::Kinds::Drawing.squiggle(Random.new(1)) ].to_json)
    poll.redraw_things
    thing = poll.things.sole
    assert_equal [ 1, [] ], thing.data.values_at("answered", "drawings")
    poll.reveal(true)
    poll.redraw_things
    assert_equal [ 1, 1, poll.page.size ], thing.reload.data.then { |data| [ data["drawings"].size, data["drawings"][0].size, data["page"] ] }
    assert_match(/<polyline/, thing.svg)
  end

  test "a star, one alone, two side by side" do
    poll = ask("text")
    answer(poll, "It rises")
    poll.take_answer(@rowan, "It falls")
    first, second = poll.answers.order(:id).to_a
    owner.patch poll_wall_path(poll, one: first.id)
    assert first.reload.starred
    owner.get poll_wall_path(poll, starred: "1")
    assert_no_match(/It falls/, owner.response.body)
    owner.get poll_wall_path(poll, large: [ first.id, second.id ])
    assert_select Nokogiri::HTML(owner.response.body), ".answer-card", 2
    owner.patch poll_wall_path(poll, one: 0)
    assert_equal 404, owner.response.status
  end

  test "a cue asks what was prepared, and says in Prepare what is missing" do
    page = @lesson.pages.first
    page.perform({ "verb" => "cue", "put" => { "id" => "c1", "verb" => "poll", "kind" => "choices", "question" => "Which way?" } }, id: fresh, by: @owner)
    owner.get page_cues_path(page)
    assert_match(/Type 2 to 12 choices/, owner.response.body)
    page.perform({ "verb" => "cue", "put" => { "id" => "c1", "verb" => "poll", "kind" => "choices", "question" => "Which way?", "lines" => "in\nout" } }, id: fresh, by: @owner)
    @sitting.reload.cue(by: @owner, key: fresh)
    assert_equal [ "choices", "Which way?", %w[in out] ], @sitting.poll.then { |poll| [ poll.kind, poll.question, poll.core.choices ] }
  end

  test "who may only watch is not asked" do
    @sitting.allow([])
    poll = ask("yes_no")
    get seat_poll_path
    assert_equal "", response.body
    answer(poll, "Yes")
    assert_response :unprocessable_entity
  end
end
