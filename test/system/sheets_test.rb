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

  test "a poll answers to every press" do
    open_board @lesson, teach: true
    click_button "Open the doors"
    within("#doors") do
      click_button "Open the doors"
      click_button "A–D"
      2.times do
        click_button "Show the answers"
        click_button "Hide the answers"
      end
      click_button "Close the poll"
      assert_text "The poll is closed"
      click_button "A–C"
      click_button "Show the answers"
      assert_button "Hide the answers"
      click_button "Close the poll"
      assert_text "The poll is closed"
    end
    eventually { page.evaluate_script("document.getElementById('doors').contains(document.activeElement) && document.activeElement.checkVisibility()") }
    page.send_keys :escape
    assert_no_selector "#doors[open]"
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
    assert_selector "#player[open] .player"
    tap_at 5, 5
    assert_selector "#player[open] .player"
    click_button "Close"
    assert_no_selector "#player[open]"
    assert page.evaluate_script("document.activeElement.id === 'stage'"), "the page has the focus again"
  end

  private

  def facts
    find(".facts-open").click
    assert_field "Subject"
  end

  def edges(selector) = page.evaluate_script("(({ left, top, right, bottom }) => [left, top, right, bottom])(document.querySelector(#{selector.to_json}).getBoundingClientRect())")

  def middle(selector) = page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.querySelector(#{selector.to_json}).getBoundingClientRect())")
end
