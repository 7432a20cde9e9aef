require "application_system_test_case"

# A lesson as it is held: prepared cues, Next at the board, the teacher's own view, a phone, class tools, the end.
class HeldLessonTest < ApplicationSystemTestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page, @second = @lesson.pages.to_a
    lay(@page, { "kind" => "text", "id" => "answer", "x" => 200, "y" => 200, "width" => 660, "height" => 80, "text" => "High water at noon", "size" => 60 },
      { "kind" => "cover", "id" => "lid", "x" => 180, "y" => 180, "width" => 700, "height" => 140, "words" => "When?" })
    sign_in @owner
  end

  test "cues are put in another order by a finger that rests first, scroll under one that does not, and move by keys" do
    prepare_cues(9)
    open_board @lesson
    find(".running-cues").click
    assert_selector "[data-cue-row]", count: 9
    drawn
    x, y = middle_of_cue(4)
    swipe x, y, -225
    eventually("a quick finger scrolls") { page.evaluate_script("[...document.querySelectorAll('#prompt-book, #prompt-book *')].some(one => one.scrollTop > 40)") }
    assert_no_selector ".cue-row.is-held"
    page.execute_script("document.querySelector('[data-cue-row=c1]').scrollIntoView({ block: 'center' })")
    rest_and_drag(0, 2)
    eventually("the first stands third") { order_of_cues.first(3) == %w[c2 c3 c1] }
    find("[data-cue-row=c1]").send_keys [ :alt, :arrow_up ]
    eventually("a key moves it up") { order_of_cues.first(3) == %w[c2 c1 c3] }
  end

  test "from the first cue prepared to keep it for this class, with board, own view and a phone" do
    open_board @lesson
    find("#item-lid").click
    find("#label-bar button", text: "Cue").click
    within("#prompt-book") do
      click_button "Lift"
      assert_selector "[data-cue-row]", text: "Lift “When?”"
      click_button "Countdown"
      assert_selector "[data-cue-row]", count: 2
      find("[data-try]", match: :first).click
    end
    assert_selector "#item-lid[data-cover=off]", visible: :all
    assert_selector "#item-lid[data-cover=on]", visible: :all
    assert_selector ".cue-marks", text: "◆◆"
    click_link "Teach"
    assert_selector ".bar-next", text: "Lift “When?”"
    sitting = @lesson.reload.sitting
    sitting.open
    at(:laptop) do
      sign_in @owner
      visit sitting_prompter_path(sitting)
      assert_selector ".prompter-next", text: "Lift “When?”"
    end
    at(:phone) do
      visit join_path(sitting.reload.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_selector "#item-lid", visible: :all
      assert_no_selector "#item-answer", visible: :all
    end
    find(".bar-next").click
    assert_selector "#item-lid[data-cover=off]", visible: :all
    at(:phone) { assert_selector "#item-answer", visible: :all }
    at(:laptop) do
      find(".prompter-next", text: "Count down 3 min").click
      assert_selector ".plaque-clock", text: /[23]:\d\d/
    end
    assert_selector "#class-tools .plaque-clock"
    click_button "Show it on the devices too"
    at(:phone) { assert_selector ".plaque-clock" }
    at(:laptop) { click_button "Back" }
    assert_no_selector ".plaque-clock"
    assert_selector ".bar-next", text: "Count down"
    2.times { find("#stage").send_keys(:page_down) }
    assert_selector ".bar-turn b", text: "2"
    at(:laptop) { assert_selector ".prompter-turn b", text: "2" }
    at(:phone) do
      assert_no_selector "#item-lid", visible: :all
      assert_no_selector "#item-answer", visible: :all
    end
    ends_it
    comes_again
  end

  test "a countdown goes on over a page turn and a reload, shrinks and rings once" do
    open_board @lesson, teach: true
    put_up("Countdown") do
      fill_in "Minutes", with: "0"
      fill_in "and seconds", with: "12"
    end
    click_button "Small, into the corner"
    find("#stage").send_keys(:page_down)
    assert_selector ".bar-turn b", text: "2"
    assert_selector ".stubs .plaque-clock"
    visit current_path
    assert_selector ".stubs .plaque-clock.is-over", wait: 20
    assert_selector "#spoken", text: "Time is up", visible: :all
    click_button "Put it away"
    assert_no_selector ".plaque"
  end

  test "a wrong list says so and keeps what was typed; a draw shows how it can be checked" do
    open_board @lesson, teach: true
    put_up("Draw") do
      choose "A name"
      fill_in "The names, one a line", with: "Wren"
    end
    assert_selector "#toasts", text: "at least two"
    fill_in "The names, one a line", with: "Wren\nPip\nFern"
    click_button "Put it on the board"
    within(".plaque") do
      3.times do |count|
        find("button", text: /\ADraw/).click
        assert_text "#{2 - count} of 3 not yet drawn"
      end
      find("summary", text: "Is it fair?").click
      assert_selector ".seed", text: /\A[0-9a-f]{16}\z/
    end
    drawn = ClassTool.last.tool.drawn
    assert_equal %w[Fern Pip Wren], drawn.sort
  end

  test "two write in their lanes at the same time, each with a pen of their own, and each becomes a page" do
    open_board @lesson, teach: true
    put_up("Lanes") { fill_in "Who writes, a line for each lane", with: "Wren\nPip" }
    assert_selector ".lane-puck", count: 2
    left, right = page.evaluate_script("[...document.querySelectorAll('.lane-puck')].map(puck => { const r = puck.getBoundingClientRect(); return r.x + r.width / 2 })")
    two_hands([ left - 40, 300 ], [ right - 40, 320 ])
    assert_selector "[data-kind=ink]", count: 2
    colours = @lesson.reload.sitting.layer.items.where(kind: "ink").map { |item| item.data["colour"] }
    assert_equal 2, colours.uniq.size
    click_button "A page each"
    assert_no_selector ".lane-puck"
    assert_equal [ 5, [ 1, 1 ] ], [ @lesson.reload.pages.count, @lesson.pages.to_a[2, 2].map { |made| made.items.where(kind: "ink").count } ]
  end

  test "a small child writes below, and the class sees it above" do
    open_board @lesson, teach: true
    put_up("Lanes") { check "For small children: the upper half is shown again below, in reach" }
    assert_selector ".lane-mirror use", count: 2, visible: :all
    low = on_screen(300, 700)
    draw [ low, [ low[0] + 60, low[1] + 20 ], [ low[0] + 120, low[1] ] ]
    ink = eventually { @lesson.reload.sitting.layer.items.find_by(kind: "ink") }
    assert_in_delta 250, ink.data["y"], 40
    assert_in_delta 300, ink.data["x"], 40
  end

  test "with the tools on the other side a second person writes in their own half, and nowhere else" do
    @owner.update!(preferences: @owner.preferences.to_h.merge("left_hand" => true))
    open_board @lesson, teach: true
    click_button "Colours, widths and more"
    click_button "Second puck"
    find(".puck-second button", text: "Red").click
    [ 900, 300 ].each { |x| draw wave([ x, 300 ], count: 12) }
    eventually { items(@page, "ink").any? }
    assert_equal [ [ "#b3411d", true ] ], items(@page, "ink").map { |item| [ item.data["colour"], item.data["x"] < 800 ] }
  end

  test "a flash card is made, turned over at the board, and on a phone for itself" do
    open_board @lesson
    click_button "Flash card"
    within("#faced-maker") do
      fill_in "Words on Front", with: "ebb"
      click_button "Put it on the page"
      assert_text "Face 2 is empty"
      fill_in "Words on Back", with: "goes out"
      click_button "Put it on the page"
    end
    card = find("[data-rolls=flash_card]")[:"data-item"]
    click_link "Teach"
    find("#item-#{card}").click
    assert_selector "#item-#{card}[aria-label='Flash card: goes out']"
    sitting = @lesson.reload.sitting.tap(&:open)
    at(:phone) do
      visit join_path(sitting.reload.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      find("#item-#{card}").click
      assert_selector "#item-#{card}[aria-label='Flash card: ebb']"
    end
    assert_selector "#item-#{card}[aria-label='Flash card: goes out']"
  end

  private

  def put_up(name)
    click_button "Tools"
    within("#tools-sheet") { click_button name }
    within("#tools-sheet") do
      yield
      click_button "Put it on the board"
    end
  end

  def ends_it
    click_button "Colours, widths and more"
    click_button "End the lesson"
    within("#ending") do
      assert_text "1 page of the lesson was written on"
      fill_in "Which class was it?", with: "6 Kittiwake"
      click_button "End the lesson"
    end
    assert_selector ".topbar"
    assert_selector "#item-lid[data-cover=on]", visible: :all if shown_on_board == @page.id
    at(:phone) { assert_text "shut" }
  end

  def comes_again
    click_button "Classes"
    within("#held") { assert_selector "h3", text: "6 Kittiwake" }
    within("#held") { click_button "Go on" }
    assert_selector ".bar-turn b", text: "2"
    find("#stage").send_keys(:page_up)
    assert_selector "#item-lid[data-cover=off]", visible: :all
  end

  # Two fingers, each drawing a line down from its place.
  def two_hands(*places) = touch(*places.map { |x, y| Array.new(13) { |step| [ x + step * 4, y + step * 6 ] } })

  private

  def prepare_cues(count)
    steps = Array.new(count) { |index| { "verb" => "cue", "put" => { "id" => "c#{index + 1}", "verb" => "start", "tool" => "countdown", "minutes" => index + 1 } } }
    @page.perform({ "verb" => "together", "steps" => steps }, id: fresh, by: @owner)
  end

  def order_of_cues = @page.reload.cues.map { |cue| cue["id"] }
  def middle_of_cue(row) = page.evaluate_script("(r => [r.x + 30, r.y + r.height / 2])(document.querySelectorAll('[data-cue-row]')[#{row}].getBoundingClientRect())")

  # A finger that rests on one cue until it is in its hand, and goes a little beyond another.
  def rest_and_drag(*rows)
    drawn
    from, to = rows.map { |row| middle_of_cue(row) }
    cdp("Input.dispatchTouchEvent", type: "touchStart", touchPoints: [ { x: from[0], y: from[1] } ])
    assert_selector ".is-held"
    (1..10).each { |step| cdp("Input.dispatchTouchEvent", type: "touchMove", touchPoints: [ { x: from[0], y: from[1] + (to[1] + 14 - from[1]) * step / 10 } ]) }
    cdp("Input.dispatchTouchEvent", type: "touchEnd", touchPoints: [])
  end
end
