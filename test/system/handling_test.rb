require "application_system_test_case"

# What a teacher arranges: many things at once, groups, pins, numbers, tracks, the clipboard.
class HandlingTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "the label bar has few verbs, More has the rest; several things are changed at once" do
    lay_row
    choose "r0"
    assert_selector "#label-bar button", text: "Pin"
    frame_all
    within("#label-bar") { click_button "Pin" }
    eventually { %w[r0 r1 r2].all? { |key| data(key)["pinned"] == "place" } }
    draw [ on_screen(350, 350), on_screen(360, 360), on_screen(400, 500) ]
    assert_text "That is pinned."
    assert_no_selector "#choice [data-handle]", visible: :all
    within("#label-bar") { click_button "Unpin" }
    eventually { %w[r0 r1 r2].all? { |key| data(key)["pinned"].nil? } }

    within("#label-bar") { click_button "More" }
    within("#chosen") do
      assert_text "3 things"
      click_button "Top"
      eventually { @page.items.reload.map { |item| item.data["y"] }.uniq.one? }
      click_button "Even across"
      eventually { (data("r1")["x"] - 700).abs < 1 }
      fill_in("Left", with: "100").send_keys(:tab)
      eventually { data("r0")["x"] == 100 && data("r2")["x"] == 900 }
      fill_in("Angle", with: "30").send_keys(:tab)
      eventually { data("r2")["angle"] == 30 }
      find_button("Flip down").send_keys(:enter)
      eventually { data("r2")["angle"] == -30 }
      sleep 0.6 # the sheet is filled anew
      assert_equal "Flip down", page.evaluate_script("document.activeElement.textContent.trim()"), "a hand on the keys goes on where it was"
      find_button("Flip down").send_keys(:enter)
      eventually { data("r2")["angle"] == 30 }
      click_button "Flip across"
      eventually { data("r2")["angle"] == -30 }
      click_button "The devices"
      eventually { data("r1")["audience"] == "devices" }
      click_button "Group"
      eventually { data("r1")["groups"]&.one? }
    end
    assert_selector "#page-view .seen-by", text: "devices only", count: 3
    find("#stage").send_keys :escape
    choose "r1"
    within("#label-bar") { click_button "More" }
    assert_selector "#chosen", text: "3 things"
    within("#chosen") { click_button "Ungroup" }
    eventually { data("r1")["groups"].nil? }
    assert_accessible context: "the sheet of chosen things"
    7.times { find("#stage").send_keys [ :control, "z" ] }
    eventually { data("r2")["angle"].zero? && data("r0")["groups"].nil? && data("r0")["audience"].nil? }
  end

  test "a number that is not one is refused in a sentence and changes nothing" do
    lay_row
    choose "r0"
    within("#label-bar") { click_button "More" }
    within("#chosen") do
      fill_in("Width", with: "90000").send_keys(:tab)
      fill_in("In a drop area it counts for", with: "a lot").send_keys(:tab)
    end
    assert_text "must be a number from"
    assert_text "is not a number with a unit"
    assert_equal [ 200, nil ], data("r0").values_at("width", "value")
  end

  test "a lasso takes what lies in it" do
    lay_row
    click_button "A lasso"
    draw [ on_screen(240, 240), on_screen(950, 230), on_screen(960, 500), on_screen(600, 480), on_screen(230, 520) ]
    assert_selector "#label-bar"
    click_button "Add to choice"
    tap_at(*on_screen(*middle("r1")))
    within("#label-bar") { click_button "Copy" }
    assert_text "Copied."
    within("#label-bar") { click_button "Delete" }
    eventually { items(@page).map(&:key) == %w[r1 r2] }
    click_button "Paste"
    eventually { items(@page).size == 3 }
  end

  test "copy, cut and paste: on the page, on another page, in another lesson; what was cut is kept" do
    lay_row
    card_on(@page, activity(@lesson))
    other = lesson(@owner)
    visit lesson_path(@lesson)
    assert_selector "[data-kind=activity]", visible: :all
    tool "arrange"
    find("#stage").send_keys [ :control, "a" ], [ :control, "c" ]
    assert_text "Copied."
    find("#stage").send_keys [ :control, "v" ]
    eventually { items(@page).size == 8 }
    assert_equal 30, items(@page).max_by(&:z).data["x"] - 200
    find("#stage").send_keys :escape
    find("#stage").send_keys [ :control, "z" ]
    eventually { items(@page).size == 4 }
    assert_selector "[data-kind=rectangle]", count: 3, visible: :all

    choose "r2"
    find("#stage").send_keys [ :control, "x" ]
    eventually { !@page.items.exists?(key: "r2") }
    find("[data-add-page]").click
    click_button "Same paper as this page"
    assert_selector ".page-tab[aria-current]", text: "2"
    find("#stage").send_keys [ :control, "v" ]
    second = @lesson.pages.reload.last
    eventually { items(second).map { |item| item.data["fill"] } == [ "#f7dfa6" ] }

    visit lesson_path(@lesson, page: @page.id)
    assert_selector "[data-kind=activity]", visible: :all
    find("#stage").send_keys [ :control, "a" ], [ :control, "c" ]
    assert_text "Copied."
    sleep 0.3
    open_board other
    find("#stage").send_keys [ :control, "v" ]
    eventually { items(other.pages.first).size == 3 }
    assert_equal other, items(other.pages.first, "activity").first.activity.lesson
  end

  test "pasted from outside: a table becomes tiles that belong together, SVG a picture, text a text" do
    paste "text/plain" => "Boat\tPrice\nSkiff\t2.50 €\nDory\t3.75 €"
    eventually { items(@page, "tile").size == 6 }
    assert_equal 1, items(@page, "tile").map { |tile| tile.data["groups"] }.uniq.size
    paste "text/html" => "<table><tr><td>Ebb</td><td>Flow<script>alert(1)</script></td></tr></table>"
    eventually { items(@page, "tile").size == 8 }
    paste "text/plain" => svg
    eventually { items(@page, "picture").one? }
    paste "text/plain" => "The tide turns at noon."
    eventually { items(@page, "text").one? }
  end

  test "things snap to the edges and gaps of others, unless Ctrl is held" do
    lay_row
    choose "r1"
    from, near = on_screen(800, 370), on_screen(800, 374)
    draw [ from, [ from[0], from[1] + 90 ], near.map { |n| n + 2 } ], hold: true
    assert_selector "#choice .guide", visible: :all
    lift near.map { |n| n + 2 }
    eventually { data("r1")["y"] == 300 && data("r1")["x"] == 700 }
    cdp("Input.dispatchMouseEvent", type: "mousePressed", x: from[0], y: from[1], button: "left", clickCount: 1)
    [ 40, 6 ].each { |step| cdp("Input.dispatchMouseEvent", type: "mouseMoved", x: from[0], y: from[1] + step, button: "left", buttons: 1, modifiers: 2) }
    assert_no_selector "#choice .guide", visible: :all
    cdp("Input.dispatchMouseEvent", type: "mouseReleased", x: from[0], y: from[1] + 6, button: "left", clickCount: 1, modifiers: 2)
    eventually { data("r1")["y"] != 300 }
  end

  test "a track: tap Track, tap the circle; the thing follows it and it follows the circle" do
    lay(@page, { "kind" => "ellipse", "id" => "ring", "x" => 500, "y" => 200, "width" => 500, "height" => 500 }, { "kind" => "tile", "id" => "boat", "x" => 100, "y" => 100, "width" => 90, "height" => 90, "text" => "boat", "size" => 24 })
    assert_selector "#item-boat", visible: :all
    choose "boat"
    within("#label-bar") { click_button "More" }
    within("#chosen") { click_button "A line you tap…" }
    assert_text "Tap the line or shape"
    tap_at(*on_screen(750, 200))
    eventually { data("boat")["track"] }
    assert_in_delta 250, off_ring, 0.1
    tool "use"
    place = middle("boat")
    draw [ on_screen(*place), on_screen(place[0] + 40, place[1]), on_screen(1200, 450) ]
    eventually { (middle("boat")[0] - 1000).abs < 2 }
    assert_in_delta 250, off_ring, 0.1
    tool "arrange"
    choose "boat"
    within("#label-bar") { click_button "More" }
    within("#chosen") do
      fill_in("Stops on the way", with: "4").send_keys(:tab)
      eventually { data("boat")["track"]["stops"] == 4 }
      fill_in("Along, %", with: "25").send_keys(:tab)
      eventually { data("boat")["along"] == 0.25 }
    end
    assert_equal [ 750, 700 ], middle("boat").map(&:round)
    find("#stage").send_keys :escape
    find("#stage").send_keys :escape
    tap_at(*on_screen(750, 200))
    find("#stage").send_keys :delete
    assert_text "A thing moves along what you deleted"
    find("#stage").send_keys [ :control, "z" ]
    eventually { @page.items.exists?(key: "ring") }
  end

  test "links: to a page by tapping it, to an address; broken ones are refused; a page that is gone says so" do
    lay_row
    second = @lesson.add_page
    visit lesson_path(@lesson)
    assert_selector "[data-kind=rectangle]", count: 3, visible: :all
    choose "r0"
    within("#label-bar") { click_button "More" }
    within("#chosen") { click_button "Choose what it opens…" }
    within("#link-sheet") do
      fill_in "A web address", with: "javascript:alert(1)"
      click_button "Use it"
    end
    assert_text "must begin with http"
    within("#link-sheet") { click_button "Page 2" }
    eventually { data("r0")["link"] == { "to" => "page", "page" => second.id } }
    assert_no_selector "#link-sheet[open]"
    choose "r1"
    assert_selector "#chosen button", text: "Choose what it opens…"
    within("#chosen") { click_button "Choose what it opens…" }
    within("#link-sheet") do
      fill_in "A web address", with: "gullpoint.example/tides"
      click_button "Use it"
    end
    eventually { data("r1")["link"] == { "to" => "address", "address" => "https://gullpoint.example/tides" } }
    tool "use"
    draw [ on_screen(350, 350), on_screen(350, 380), on_screen(350, 420) ]
    eventually { (data("r0")["y"] - 370).abs < 3 }
    assert_selector ".page-tab[aria-current]", text: "1"
    tap_at(*on_screen(350, 420))
    assert_selector ".page-tab[aria-current]", text: "2"
    visit lesson_path(@lesson, page: @page.id)
    assert_selector "#item-r0", visible: :all
    second.bin
    page.refresh
    assert_selector "#item-r0", visible: :all
    tool "use"
    tap_at(*on_screen(350, 420))
    assert_text "That page is not in this lesson any more."
    page.execute_script("window.open = (...asked) => document.body.dataset.opened = asked.join()")
    tap_at(*on_screen(800, 350))
    assert_selector "body[data-opened='https://gullpoint.example/tides,_blank,noopener,noreferrer']"
  end

  test "a sound is brought in and opened by what it is linked to; what is no sound is refused" do
    lay_row
    choose "r0"
    within("#label-bar") { click_button "More" }
    within("#chosen") { click_button "Choose what it opens…" }
    find("#link-sheet input[type=file]", visible: :all).attach_file(file("fake.mp3", "\x00\x01nothing"))
    assert_text "broken or cut off"
    find("#link-sheet input[type=file]", visible: :all).attach_file(file("bell.wav", wav))
    eventually { data("r0")["link"]&.fetch("to") == "sound" }
    tool "use"
    tap_at(*on_screen(350, 350))
    assert_selector "dialog.media-sheet[open] audio"
    eventually { page.evaluate_script("document.querySelector('.media-sheet audio').duration") == 0.5 }
    within(".media-sheet") { click_button "Close" }
    assert_no_selector ".media-sheet"
  end

  private

  def lay_row
    lay(@page, *[ 300, 700, 1100 ].each_with_index.map { |x, index| { "kind" => "rectangle", "id" => "r#{index}", "x" => x, "y" => 300, "width" => 200, "height" => 150, "fill" => "#f7dfa6" } })
    assert_selector "[data-kind=rectangle]", count: 3, visible: :all
    tool "arrange"
  end

  def choose(key) = tap_at(*on_screen(*middle(key)))

  def frame_all = draw([ on_screen(250, 250), on_screen(900, 300), on_screen(1350, 500) ])

  def data(key) = @page.items.reload.find_by(key: key).data

  def middle(key) = data(key).values_at("x", "y", "width", "height").then { |x, y, width, height| [ x + width / 2, y + height / 2 ] }

  def off_ring = middle("boat").zip(middle("ring")).map { |a, b| a - b }.then { |arm| Math.hypot(*arm) }

  def paste(types)
    page.execute_script(<<~JS, types)
      const data = new DataTransfer()
      for (const [type, value] of Object.entries(arguments[0])) data.setData(type, value)
      document.getElementById("stage").dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }))
    JS
  end

  # Half a second of silence.
  def wav = [ "RIFF", 36 + 4000, "WAVE", "fmt ", 16, 1, 1, 8000, 8000, 1, 8, "data", 4000 ].pack("a4Va4a4VvvVVvva4V") + "\x80".b * 4000
end
