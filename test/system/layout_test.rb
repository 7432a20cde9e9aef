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

  test "the board in Teach, and the class" do
    board_with_everything
    open_board @lesson, teach: true
    walk "Teach"
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
