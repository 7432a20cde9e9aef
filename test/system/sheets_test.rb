require "application_system_test_case"

# Sheets close only by what is meant to close them, and keys act on what is in front.
class SheetsTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "what is typed in a sheet stays through its margin, a selection dragged out of it, and taps beside it" do
    facts
    fill_in "Subject", with: "Tides"
    left, top, right, = edges("#facts-sheet")
    tap_at left + 6, top + 30
    assert_equal "Tides", find_field("Subject").value
    x, y = middle("[name='lesson[subject]']")
    draw [ [ x, y ], [ x - 100, y ], [ right + 60, y ] ]
    assert_field "Subject", with: "Tides"
    tap_at left - 40, 300
    click_button "Go on here"
    assert_field "Subject", with: "Tides"
    page.send_keys :escape
    click_button "Close without it"
    assert_no_selector "#facts-sheet[open]"
    facts
    assert_field "Subject", with: ""
    tap_at edges("#facts-sheet").first - 40, 300
    assert_no_selector "#facts-sheet[open]"
  end

  test "keys act on the sheet in front, also after what had the focus was swapped away" do
    lay @page, note("n1"), note("n2", x: 700)
    tool "arrange"
    find("#stage").send_keys [ :control, "a" ]
    assert_selector "#label-bar", visible: true
    click_button "Share"
    click_button "Make a link"
    click_button "Withdraw the link"
    assert_button "Make a link"
    assert page.evaluate_script("document.getElementById('share').contains(document.activeElement)"), "the focus stays in the sheet"
    page.send_keys :delete, :page_down, "e"
    assert_selector "#item-n1"
    page.send_keys :escape
    assert_no_selector "#share[open]"
    assert_equal 2, @page.items.count
  end

  test "doors open at one tap, and a poll answers to every press, at the wall and in the sheet" do
    open_board @lesson, teach: true
    click_button "Open the doors"
    within("#doors") { click_button "A–D" }
    assert_no_selector "#doors[open]"
    within(".bar-poll") do
      assert_text "0 of 0 answered"
      2.times do
        click_button "Show the answers"
        assert_text "A 0 · B 0"
        click_button "Hide the answers"
      end
      click_button "Show the answers"
      assert_button "Hide the answers"
    end
    find(".bar-doors").click
    within("#doors") do
      2.times do
        click_button "Hide the answers"
        click_button "Show the answers"
      end
      click_button "Close the poll"
      assert_text "The poll is closed"
    end
    eventually { page.evaluate_script("document.getElementById('doors').contains(document.activeElement) && document.activeElement.checkVisibility()") }
    page.send_keys :escape
    assert_no_selector "#doors[open]"
    assert_no_selector ".bar-poll", visible: true
  end

  # A press lasts longer than it takes to look at the room, which thirty who answer ask for all the time.
  test "a press is heard though the room changes while it lasts" do
    open_board @lesson, teach: true
    click_button "Open the doors"
    within("#doors") { click_button "A–D" }
    assert_no_selector "#doors[open]"
    find(".bar-doors").click
    assert_selector "#doors button", text: "Close the poll"
    x, y = page.evaluate_script(<<~JS) # in one go: the sheet looks at the room when it opens, too
      (({ left, top, width, height }) => [left + width / 2, top + height / 2])(
        [...document.querySelectorAll("#doors button")].find(one => one.innerText.includes("Close the poll")).getBoundingClientRect()
      )
    JS
    mouse = ->(type) { cdp "Input.dispatchMouseEvent", type: type, x: x, y: y, button: "left", clickCount: 1 }
    mouse.("mouseMoved")
    mouse.("mousePressed")
    looked = page.evaluate_async_script("document.addEventListener('htmx:beforeSwap', ({ detail }) => arguments[0](detail.requestConfig.triggeringEvent?.type)); htmx.trigger(document.querySelector('#doors [data-room]:has(:active)'), 'room')")
    assert_equal "room", looked
    sleep 0.2
    mouse.("mouseReleased")
    within("#doors") { assert_text "The poll is closed" }
  end

  test "a press on the bar is heard though a poll comes into it while it lasts" do
    open_board @lesson, teach: true
    find(".bar-doors").click
    assert_selector "#doors .code"
    page.send_keys :escape
    assert_no_selector "#doors[open]"
    assert_selector ".bar-doors .code"
    x, y = page.evaluate_script("(({ left, top, height }) => [left + 30, top + height / 2])(document.querySelector('.bar-doors').getBoundingClientRect())")
    mouse = ->(type) { cdp "Input.dispatchMouseEvent", type: type, x: x, y: y, button: "left", clickCount: 1 }
    mouse.("mouseMoved")
    mouse.("mousePressed")
    Poll.ask(Sitting.sole, "letters", { "count" => "4" })
    page.execute_script("htmx.trigger('#room', 'room')")
    assert_selector "[data-roll][data-poll]", visible: :all
    sleep 0.1
    mouse.("mouseReleased")
    assert_selector "#doors[open]"
    assert_selector ".bar-poll"
  end

  test "a sound that a finger opens from a thing stays open" do
    sound = @owner.assets.take_in(upload(Media.wav, "Fog horn.wav"))
    lay @page, note("horn", "link" => { "to" => "sound", "asset" => sound.id, "name" => "Fog horn" })
    open_board @lesson, teach: true
    tool "use"
    touch [ on_screen(250, 200) ]
    assert_selector "dialog.media-sheet[open]"
    sleep 0.5
    assert_selector "dialog.media-sheet[open]"
    click_button "Close"
    assert_no_selector "dialog.media-sheet"
  end

  test "an activity at the wall does not close by a tap beside it" do
    card_on(@page, activity(@lesson))
    open_board @lesson, teach: true
    tool "use"
    tap_at(*on_screen(500, 400))
    assert_selector ".play-here .player"
    tap_at 5, 5
    assert_selector ".play-here .player"
    find(".play-here [data-away]").click
    assert_no_selector ".play-here"
    assert page.evaluate_script("document.activeElement.id === 'stage'"), "the page has the focus again"
  end

  test "a clicker's key makes the wall dark, and any key brings the page back" do
    open_board @lesson, teach: true
    find("#stage").send_keys "b"
    assert_selector "#dark[open]", visible: :all
    page.send_keys :page_down
    assert_no_selector "#dark[open]", visible: :all
    find("#stage").send_keys "."
    assert_selector "#dark[open]", visible: :all
  end

  test "what is asked for is answered on the page: what lies over it steps aside, and Esc or another tool ends it" do
    lay @page, note("boat"), { "kind" => "line", "id" => "rope", "x" => 100, "y" => 420, "width" => 500, "height" => 0 }
    2.times do |n|
      tool "arrange"
      find("#stage").send_keys :escape
      tap_at(*middle("#item-boat"))
      find("#label-bar").click_button "More"
      click_button "A line you tap…"
      assert_no_selector "#label-bar", visible: true
      assert_text "Tap the line or shape"
      n.zero? ? find("#stage").send_keys(:escape) : tool("pen")
      assert_no_text "Tap the line or shape"
      assert_no_selector "[data-asking]"
    end
    tool "arrange"
    tap_at(*middle("#item-boat"))
    find("#label-bar").click_button "More"
    click_button "A line you tap…"
    tap_at(*on_screen(300, 420))
    assert_no_text "Tap the line or shape"
    eventually { @page.reload.items.find_by(key: "boat").data["track"] }
  end

  private

  def facts
    find(".facts-open").click
    assert_field "Subject"
  end

  def edges(selector) = page.evaluate_script("(({ left, top, right, bottom }) => [left, top, right, bottom])(document.querySelector(#{selector.to_json}).getBoundingClientRect())")

  def middle(selector) = page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.querySelector(#{selector.to_json}).getBoundingClientRect())")
end
