require "application_system_test_case"

# What children do at the wall: move, take from piles, uncover, open; by mouse, touch and keys, with
# nothing that can be deleted or resized.
class UsingTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "paying at the till: tokens from a pile, exact totals, right and not yet, back into the pile, none left" do
    lay(@page, { "kind" => "area", "id" => "till", "x" => 700, "y" => 200, "width" => 700, "height" => 500, "title" => "Pay here", "target" => "1 €" },
      { "kind" => "tile", "id" => "half", "text" => "0.50 €", "size" => 30, "x" => 150, "y" => 300, "width" => 130, "height" => 70, "pile" => { "limit" => 3 }, "pinned" => "place" })
    assert_selector "#item-half", visible: :all
    open_board @lesson, teach: true
    2.times { |n| draw [ on_screen(215, 335), on_screen(400, 400), on_screen(850, 320 + n * 120) ] }
    eventually { data("till").values_at("tally", "verdict") == [ "1.00 €", "right" ] }
    assert_selector "#item-till text", text: "1.00 € ✓ right", visible: :all
    draw [ on_screen(215, 335), on_screen(400, 400), on_screen(1200, 320) ]
    eventually { data("till").values_at("tally", "verdict") == [ "1.50 €", "wrong" ] }
    draw [ on_screen(215, 335), on_screen(400, 400), on_screen(1200, 520) ]
    assert_text "This pile is empty."
    assert_equal 3, copies.size
    draw [ on_screen(1200, 320), on_screen(600, 320), on_screen(215, 335) ]
    eventually { copies.size == 2 && data("half")["left"] == 1 }
    tap_at(*on_screen(1000, 240))
    eventually { data("till")["shown"] == false }
    assert_no_selector "#item-till text", text: "1.00", visible: :all
  end

  test "covers come off at a tap or are drawn back; a reset covers again and is one step that can be undone" do
    lay(@page, note("answer", x: 300, y: 200), { "kind" => "cover", "id" => "patch", "x" => 280, "y" => 180, "width" => 340, "height" => 240, "effect" => "slide", "words" => "How high?" },
      { "kind" => "cover", "id" => "curtain", "edge" => "bottom", "x" => 0, "y" => 450, "width" => 1600, "height" => 450 })
    open_board @lesson, teach: true
    assert_no_selector "#label-bar button", visible: true
    tap_at(*on_screen(450, 300))
    eventually { data("patch")["off"] }
    assert_selector ".leaving-slide", visible: :all
    draw [ on_screen(800, 600), on_screen(800, 650), on_screen(900, 800) ]
    eventually { (data("curtain")["y"] - 650).abs < 3 }
    assert_equal 0, data("curtain")["x"]
    click_button "Reset"
    eventually { !data("patch")["off"] && data("curtain")["y"] == 450 }
    find("#stage").send_keys [ :control, "z" ]
    eventually { data("patch")["off"] && (data("curtain")["y"] - 650).abs < 3 }
    visit lesson_path(@lesson)
    assert_text "This page was changed in class."
    click_button "As you prepared it"
    eventually { !data("patch")["off"] }
    assert_no_text "This page was changed in class."
  end

  test "a teacher makes it all by hand: a drop area with a total, a pile with a limit, a value, covers, a link to an activity" do
    made = activity(@lesson)
    lay(@page, { "kind" => "ellipse", "id" => "coin", "x" => 100, "y" => 150, "width" => 90, "height" => 90, "fill" => "#f7dfa6" }, note("door", text: "Play", x: 1250, y: 650, width: 200, height: 120), note("answer", text: "Ebb", x: 1250, y: 100, width: 200, height: 120))
    assert_selector "#item-coin", visible: :all
    find(".tray").click_button "Drop area"
    area = eventually { items(@page, "area").first }
    assert_selector "#label-bar button", text: "More"
    sheet do
      keep "Title", "Till"
      keep "Total to reach (empty for none)", "many"
    end
    assert_text "is not a number with a unit"
    sheet { keep "Total to reach (empty for none)", "1 1/2 m" }
    eventually { data(area.key).values_at("title", "target") == [ "Till", "1 1/2 m" ] }

    choose "coin"
    sheet do
      keep "In a drop area it counts for", "3/4 m"
      click_button "Hands out copies"
      keep "How many (0: no end)", "2"
    end
    eventually { data("coin").values_at("value", "left") == [ "3/4 m", 2 ] }
    choose "answer"
    sheet { click_button "Fades" }
    cover = eventually { items(@page, "cover").first }
    assert_equal "fade", cover.data["effect"]
    eventually { data("answer")["covered"] }
    choose "door"
    find("#label-bar button", text: "More").click
    within("#chosen") { click_button "Choose what it opens…" }
    within("#link-sheet") { click_button "Safe or wait?" }
    eventually { data("door")["link"] == { "to" => "activity", "activity" => made.id } }
    find("[data-open-page]").click
    within("#page-sheet") { click_button "From the left" }
    eventually { items(@page, "cover").size == 2 }

    open_board @lesson, teach: true
    draw [ on_screen(1570, 450), on_screen(1200, 450), on_screen(20, 460) ]
    curtain = eventually { items(@page, "cover").find { |item| item.data["x"] < -1500 } }
    assert_equal "left", curtain.data["edge"]
    2.times { |n| draw [ on_screen(145, 195), on_screen(400, 400), on_screen(*middle(area.key).zip([ n * 90 - 60, 0 ]).map(&:sum)) ] }
    eventually { data(area.key).values_at("tally", "verdict") == [ "1 1/2 m", "right" ] }
    tap_at(*on_screen(1350, 160))
    eventually { data(cover.key)["off"] }
    tap_at(*on_screen(1350, 700))
    within(".play-large .player") { assert_text "0 of 4" }
  end

  test "by keys alone: Tab to a thing, arrows move it, Enter takes from a pile and taps" do
    lay(@page, { "kind" => "tile", "id" => "coin", "text" => "1", "x" => 100, "y" => 100, "width" => 80, "height" => 80, "size" => 30, "pile" => { "limit" => 2 } }, { "kind" => "cover", "id" => "patch", "x" => 600, "y" => 300, "width" => 200, "height" => 100 },
      { "kind" => "note", "id" => "fixed", "text" => "Stay", "x" => 900, "y" => 500, "width" => 200, "height" => 100, "pinned" => "all" })
    open_board @lesson, teach: true
    stage = find("#stage")
    stage.send_keys :tab, :enter
    eventually { copies.one? }
    stage.send_keys :arrow_down
    eventually { copies.first.data["y"] == 120 }
    stage.send_keys :escape, :tab, :tab, :enter
    eventually { data("patch")["off"] }
    stage.send_keys :escape, :delete
    assert_equal 4, items(@page).size
    assert_equal [ 900, 500 ], data("fixed").values_at("x", "y")
  end

  private

  def choose(key) = tap_at(*on_screen(*middle(key)))

  def middle(key) = data(key).values_at("x", "y", "width", "height").then { |x, y, width, height| [ x + width / 2, y + height / 2 ] }

  # The sheet behind More.
  def sheet(&block)
    find("#label-bar button", text: "More").click
    within("#chosen", &block)
    find("#chosen [data-shut]").click if page.has_selector?("#chosen [data-shut]", wait: 0)
  end

  def keep(label, value) = fill_in(label, with: value).send_keys(:tab)

  def copies = items(@page).select { |item| %w[half coin].include?(item.origin) }
end
