require "application_system_test_case"
require "support/layout_walk"

# Every state of every screen at every size: all of it can be reached, tapped and read.
class LayoutTest < ApplicationSystemTestCase
  include LayoutWalk

  teardown { assert_empty faults, faults.join("\n") }

  test "coming in, and the desk" do
    visit new_session_path
    walk "sign in"
    visit join_path
    walk "join"
    visit new_teacher_path
    walk "a new teacher"
    visit new_password_path
    walk "a forgotten password"
    visit privacy_path
    walk "privacy"
    @owner = teacher
    teacher("Wilhelmina").update!(name: "Wilhelmina-Cassandra of the long name who waits", let_in_at: nil)
    12.times { Entry.note("came_in", who: @owner) }
    Letter.create!(to: @owner.email, subject: "Your account in Usher", text: "Open http://localhost:3000/come-in/#{'x' * 200}")
    sign_in @owner
    [ account_path, school_path, mail_box_path ].each do |path|
      visit path
      walk path
    end
    visit root_path
    walk "desk, empty"
    lesson = lesson(@owner, pages: 3)
    12.times { |n| Lesson.start(teacher: @owner, title: "The causeway and when it is dry, part #{n}") }
    Lesson.start(teacher: @owner, title: "Old charts").bin
    visit root_path
    walk "desk"
    find(".lesson-card .button-icon", match: :first).click
    walk "menu of a lesson"
    visit bin_path
    walk "bin"
    visit takes_path
    walk "takes, none"
  end

  test "the board in Prepare" do
    board_with_everything
    walk "Prepare"
    %w[pen highlighter eraser text fill].each do |name|
      tool name
      walk "Prepare, #{name}"
    end
    type_with_marks "ebb and flood"
    walk "a text and its marks"
    find("#format-bar summary", text: "Marks").click
    find("#format-bar summary", text: "Font").click
    walk "a text and its faces"
    page.send_keys :escape, :escape
    click_button "Closer"
    walk "Prepare, nearer"
    type_with_marks "and slack water"
    walk "a text and its marks, nearer"
    page.send_keys :escape, :escape
    click_button "Fit"
    tool "shape"
    walk "Prepare, shapes"
    tool "arrange"
    choose "n1"
    walk "a chosen note"
    find("#label-bar").click_button "More"
    assert_selector "#chosen", text: /./
    walk "More of a note"
  end

  test "sheets of Prepare" do
    board_with_everything
    { "page-sheet" => "Page", "share" => "Share", "doors" => "Open the doors" }.each do |id, word|
      click_button word, match: :first
      assert_selector "##{id}[open]"
      settle
      walk "sheet #{id}"
      page.send_keys :escape
      assert_no_selector "##{id}[open]"
    end
    find(".facts-open").click
    assert_field "Subject"
    walk "facts"
    page.send_keys :escape
    find(".running-all").click
    assert_selector "#page-grid .grid-page", minimum: 2
    walk "all pages"
    page.send_keys :escape
    find("#stage").send_keys "?"
    assert_selector "#keys[open]"
    walk "keys"
    page.send_keys :escape
    find("[data-bring-in]").click
    assert_selector ".store-shelves button"
    settle
    walk "bring in"
  end

  test "the class on its own devices: classes, rights, polls, answers, the report" do
    board_with_everything
    made = SchoolClass.begin(@owner, title: "4 Kittiwake", names: "Wren\nPip\nFern")
    visit school_classes_path
    walk "classes"
    visit school_class_path(made)
    walk "a class"
    open_board @lesson, teach: true
    sitting = @lesson.reload.sitting.tap(&:open)
    sitting.update!(school_class: made)
    sitting.allow(%w[answer point write move])
    pip = sitting.seat_of(made.students.first)
    at(:phone) do
      come_in_as "Ash", sitting
      assert_selector "#hold button", text: "Move"
      walk "a device with tools"
    end
    { "choices" => { "choices" => "at high water\nat low water" }, "scale" => { "low" => "calm", "high" => "storm" }, "order" => { "things" => "moor\nrow" }, "spot" => {}, "drawing" => {}, "text" => {} }.each do |kind, given|
      poll = Poll.ask(sitting, kind, given, question: "What do you think?")
      at(:phone) do
        assert_selector "form[data-poll-kind=#{kind}]"
        settle
        walk "a device is asked: #{kind}", sizes: LayoutWalk::SIZES.last(2)
      end
      poll.take_answer(pip, "It rises twice a day") if kind == "text"
    end
    find(".bar-doors").click
    assert_selector "#doors .poll-chart"
    within("#doors") { find(".asks-more summary", text: "Ask in another way").click }
    within("#doors") { click_button "Own choices" }
    assert_selector "#ask-form form"
    settle
    walk "the class, at the board"
    within("#doors") { click_button "Answers, large" }
    assert_selector "#answers .answer-card"
    walk "all answers"
    within("#answers") do
      find("[name='chosen[]']", match: :first).click
      click_button "Put them together"
    end
    assert_selector "#answers .answers-pile"
    walk "answers put together"
    find("#answers .dialog-head [data-close]").click
    sitting.allow(%w[copy])
    pip.reload.perform(sitting.page, { "verb" => "put", "items" => [ { "kind" => "ink", "id" => "pips", "colour" => "#1e6079", "stroke_width" => 6, "points" => [ [ 10, 10 ], [ 60, 60 ] ] } ] }, id: SecureRandom.alphanumeric(20))
    find(".bar-doors").click
    within("#doors") { click_button "Look at their copies" }
    assert_selector "#answers .answer-card img"
    walk "all copies"
    find("#answers .dialog-head [data-close]").click
    sitting.poll.close
    visit sitting_report_path(sitting)
    assert_selector "table.roll"
    walk "the report"
  end

  test "a lesson as it is held: cues, class tools, lanes, own view, the end" do
    board_with_everything
    @page.perform({ "verb" => "together", "steps" => [ { "verb" => "cue", "put" => { "id" => "c1", "verb" => "show", "item" => "n1" } }, { "verb" => "cue", "put" => { "id" => "c2", "verb" => "start", "tool" => "countdown", "minutes" => 4 } }, { "verb" => "cue", "put" => { "id" => "c3", "verb" => "poll" } } ] }, id: fresh, by: @owner)
    open_board @lesson
    find(".running-cues").click
    assert_selector "[data-cue-row]", count: 3
    settle
    walk "the prompt book"
    within("#prompt-book") { find("[data-shut]").click }
    %w[Flash\ card Spinner].each do |word|
      click_button word
      assert_selector "#faced-maker [data-face-row]", minimum: 2
      walk "faces of a #{word}"
      find("#faced-maker .dialog-head [data-close]").click
    end
    click_button "Classes"
    assert_text "No class has been taught"
    walk "classes, none"
    open_board @lesson, teach: true
    assert_selector ".cue-mark", count: 3
    walk "Teach with cues"
    click_button "Tools"
    assert_selector ".tool-kind", minimum: 8
    walk "class tools"
    tools = Usher::Classroom::Tools.registry.to_h.transform_values(&:title).except("lanes")
    tools.each_value.with_index do |word, index|
      within("#tools-sheet") { click_button word }
      assert_selector "#tools-sheet form"
      walk "the form of #{word}" if index.even?
      within("#tools-sheet") { click_button "Other tools" }
    end
    find("#tools-sheet .dialog-head [data-close]").click
    sitting = @lesson.reload.sitting.tap(&:open)
    made = tools.keys.map { |kind| ClassTool.put_up(sitting, kind, { "names" => "Wren\nPip\nFern", "number" => 2, "by" => "count" }.slice(*({ "draw" => %w[names], "teams" => %w[names number by], "scores" => %w[names] }[kind] || []))) }
    assert_selector ".plaque", count: made.size
    made.each { |tool| tool.place({ small: true }) }
    assert_selector ".plaque.is-small", count: made.size
    walk "class tools, small", sizes: LayoutWalk::SIZES.first(3)
    made.each(&:put_away)
    made.first.class.put_up(sitting, "scores", { "names" => "Gulls\nTerns" }).place({ shown: true })
    assert_selector ".score", count: 2
    walk "scores at the wall"
    at(:phone) do
      come_in_as "Ash", sitting
      assert_selector "#tools-place .plaque"
      walk "a device with a class tool"
    end
    at(:laptop) do
      sign_in @owner
      visit sitting_prompter_path(sitting)
      assert_selector ".prompter-class table"
      assert_selector "#class-tools .plaque"
      walk "the teacher's own view"
    end
    click_button "Put it away"
    more "Second puck"
    assert_selector ".puck-second", visible: true
    walk "a second puck", sizes: LayoutWalk::SIZES.first(4)
    click_button "Put these tools away"
    more "Eyes here"
    assert_selector ".eyes", visible: true
    walk "eyes here"
    within(".eyes") { click_button "Go on" }
    ClassTool.lay_lanes(sitting, { "count" => 3, "questions" => "3/4 of 24" }, by: @owner)
    assert_selector ".lane-puck", count: 3
    walk "lanes", sizes: LayoutWalk::SIZES.first(5)
    more "End the lesson"
    assert_selector "#ending[open] form"
    find("label", text: "Take it into the lesson").click
    walk "the end of a lesson"
    within("#ending") do
      find("label", text: "Keep it for this class").click
      click_button "End the lesson"
    end
    assert_selector ".topbar"
    visit sitting_path(sitting)
    assert_selector ".held-page"
    walk "a class that was kept"
  end

  test "the board in Teach, and the class" do
    board_with_everything
    open_board @lesson, teach: true
    walk "Teach"
    cdp "Input.dispatchMouseEvent", type: "mouseWheel", x: 700, y: 400, deltaX: 0, deltaY: -300, modifiers: 2
    assert_selector ".overview"
    walk "Teach, nearer"
    click_button "Fit"
    find(".bar-doors").click
    assert_selector ".doors-big"
    walk "the open doors"
    sitting = @lesson.reload.sitting
    %w[Juniper Rowan Sorrel].each { |name| seat(sitting, name) }
    at(:phone) do
      come_in_as "Ash", sitting
      walk "device"
    end
    within("#doors") { find("summary", text: "Names and results").click }
    assert_text "Juniper"
    walk "names of the class"
    within("#doors") { click_button "A–D" }
    assert_selector ".bar-poll", visible: true
    walk "an open poll"
    at(:phone) do
      assert_selector ".choice-card"
      walk "device with a poll"
    end
    within(".bar-poll") { click_button "Show the answers" }
    assert_button "Hide the answers"
    walk "a poll's answers at the wall"
    find(".bar-doors").click
    assert_selector "#doors[open] .poll-chart"
    walk "a poll's answers"
    within("#doors") { click_button "Close the poll" }
    assert_text "The poll is closed"
    find("#doors .dialog-head [data-close]").click
    card_on(@page, activity(@lesson))
    tool "use"
    tap_at(*on_screen(500, 400))
    assert_selector ".play-here .player"
    walk "an activity at the wall"
    click_button "Send to all devices"
    assert_text "Sent to all"
    find("[data-who]").click
    assert_selector "#sendings[open]"
    find("#sending-names summary").click
    find("#sending-some summary").click
    walk "who is where"
    find("#sendings .dialog-head [data-close]").click
    at(:phone) do
      assert_selector ".player" # it came by itself
      walk "an activity on a device"
      click_button "Back to the page"
      assert_selector "#sent-place button"
      walk "a device with something sent"
    end
  end

  test "making an activity, takes, a share" do
    board_with_everything
    made = activity(@lesson)
    place(made.deal(to: Participant.of(seat(sit(@lesson)))), "p1")
    click_button "Activity"
    assert_selector ".maker-kind"
    walk "kinds of activity"
    find(".maker-kind", text: "Match up").click
    assert_selector ".maker-table input"
    walk "filling in an activity"
    first(:button, "A picture or a sound: This, row 1").click
    assert_selector "#face-chooser .faces"
    walk "a picture or a sound for a cell"
    find("#face-chooser .dialog-head [data-close]").click
    find(".maker-rules summary").click
    walk "the rules of an activity"
    [ "Fill the gaps", "Find it on the picture", "Sheet" ].each do |kind|
      leave_maker
      click_button "Activity"
      find(".maker-kind b", text: kind, exact_text: true).click
      assert_selector ".maker-form"
      find("[data-text]").set("At ebb the [water] falls and leaves the harbour.") if kind == "Fill the gaps"
      if kind == "Find it on the picture"
        click_button "Choose the picture"
        find("#face-chooser [data-face]", match: :first).click
        assert_selector "[data-frame]"
        first(:button, "Put on the middle of the picture: row 1").click
      end
      find("summary", text: "Take an activity in").click if kind == "Sheet"
      walk "filling in: #{kind}"
    end
    leave_maker
    click_button "Activity"
    click_button "Question bank"
    walk "the question bank"
    find("#maker .dialog-away").click
    click_button "Activity"
    find(".maker-kept button", text: "Make another from it").click
    assert_text "Another one from"
    walk "another kind from the same content"
    find("#maker .dialog-away").click
    click_button "Activity"
    find(".maker-kept button", text: "Look").click
    assert_selector "#maker .player"
    walk "look of an activity"
    find("#maker .dialog-away").click
    click_button "Activity"
    find(".maker-kept button", text: "Results").click
    assert_selector "#maker .roll"
    walk "results of an activity"
    find("#maker .roll button", text: "Watch").click
    assert_selector "#maker .replayed"
    walk "a go watched again"
    find("#maker .dialog-away").click
    share = @lesson.shares.create!
    visit shared_path(share.token)
    settle
    walk "a share"
  end

  test "forced colours and less motion" do
    board_with_everything
    cdp("Emulation.setEmulatedMedia", features: [ { name: "forced-colors", value: "active" }, { name: "prefers-reduced-motion", value: "reduce" } ])
    walk "Prepare in forced colours", sizes: [ [ 1280, 800 ] ]
    pressed = "getComputedStyle(document.querySelector('.rail [aria-pressed=true]')).outlineStyle + getComputedStyle(document.querySelector('.rail [aria-pressed=true]')).borderTopColor"
    plain = pressed.gsub("=true", "=false")
    assert_not_equal page.evaluate_script(plain), page.evaluate_script(pressed), "what is chosen is seen"
    assert_equal 0, page.evaluate_script("document.getAnimations().filter(one => one.effect.getTiming().duration > 1).length")
  ensure
    cdp("Emulation.setEmulatedMedia", features: [])
  end

  private

  def type_with_marks(words)
    tool "text"
    tap_at 420, 300
    find(".typing").send_keys words
    find("#format-bar summary", text: "Marks").click
  end

  def more(word)
    click_button "Colours, widths and more"
    click_button word
  end

  def board_with_everything
    start_at_board
    @lesson.add_page
    @lesson.add_page
    lay @page, note("n1", x: 500, y: 300), note("n2", x: 900, y: 300)
    open_board @lesson
    assert_selector "#item-n1"
  end

  # Also with something in it that is not kept.
  def leave_maker
    find("#maker .dialog-away").click
    click_button "Close without it" if has_button?("Close without it", wait: 1)
    assert_no_selector "#maker[open]"
  end

  def choose(id) = tap_at(*page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.getElementById('item-#{id}').getBoundingClientRect())")).then { assert_selector "#label-bar", visible: true }

  def come_in_as(name, sitting)
    visit join_path
    fill_in "Code from the board", with: sitting.code
    fill_in "Your name", with: name
    click_button "Come in"
    assert_text "You are in as #{name}"
  end

  def settle = eventually { page.evaluate_script("!document.querySelector('.htmx-request')") }
end
