require "application_system_test_case"

class PrepareTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "pen by mouse and by pressure, its width following; strokes are taken off whole, and all at once" do
    tool "pen"
    draw wave([ 300, 250 ])
    draw wave([ 300, 350 ]), type: "pen", force: ->(index) { (0.1 + index / 30.0).clamp(0, 1) }
    eventually { items(@page, "ink").size == 2 }
    plain, pressed = items(@page, "ink")
    assert_operator pressed.data["points"].filter_map { |point| point[2] }.uniq.size, :>, 5
    assert_equal %w[kept kept], [ plain, pressed ].map { |stroke| stroke.data["nib"] }

    assert_selector "#page-view [data-kind=ink]", count: 2, visible: :all
    assert_text "every change kept"

    tool "eraser"
    click_button "Whole strokes"
    draw [ [ 340, 180 ], [ 340, 300 ] ]
    eventually { items(@page, "ink").size == 1 }
    assert_not @page.items.exists?(key: plain.key)
    click_button "All ink off"
    eventually { items(@page).empty? }
    click_button "Undo"
    eventually { items(@page, "ink").size == 1 }
  end

  test "ink stays where it was drawn, within half a page unit" do
    tool "pen"
    path = wave([ 400, 300 ], count: 30)
    draw path
    stroke = eventually { items(@page, "ink").first }
    first = stroke.data["points"].first
    x, y = on_screen(stroke.data["x"] + first[0], stroke.data["y"] + first[1])
    assert_in_delta path.first[0], x, 0.5
    assert_in_delta path.first[1], y, 0.5
    assert_operator stroke.data["points"].last[3], :>, 0
  end

  test "text is typed on the page and wrapped by Ruby; a note; both can be changed" do
    tool "text"
    tap_at 400, 250
    find(".typing[contenteditable=true]").send_keys "The keeper watched the tide come in over the causeway and lit the lamp"
    tap_at 900, 560
    text = eventually { items(@page, "text").first }
    assert_operator text.svg.scan("<text ").size, :>, 1
    assert_no_selector ".typing[contenteditable=true]"

    tool "text"
    tool "note"
    tap_at 700, 400
    find(".typing[contenteditable=true]").send_keys "Boots"
    find(".typing[contenteditable=true]").send_keys :escape
    note = eventually { items(@page, "note").first }
    assert_equal "Boots", note.data["text"]

    tool "text"
    assert_selector "[data-kind=note]", visible: :all
    tap_at(*on_screen(note.data["x"] + 60, note.data["y"] + 40))
    find(".typing[contenteditable=true]").send_keys " and a rope"
    find(".typing[contenteditable=true]").send_keys [ :control, :enter ]
    eventually { items(@page, "note").first.data["text"] == "Boots and a rope" }

    tap_at 500, 560
    find(".typing[contenteditable=true]").send_keys :escape
    assert_no_selector ".typing[contenteditable=true]"
    assert_equal 2, items(@page).size, "an empty text leaves nothing behind"
  end

  test "shapes: rectangle, ellipse, line and arrow in their directions" do
    tool "shape"
    draw [ [ 300, 200 ], [ 350, 240 ], [ 420, 280 ] ]
    %w[ellipse line arrow].each_with_index do |name, index|
      tool name
      draw [ [ 520 + index * 130, 280 ], [ 560 + index * 130, 240 ], [ 620 + index * 130, 200 ] ]
    end
    eventually { items(@page).size == 4 }
    assert_equal %w[rectangle ellipse line arrow], items(@page).map(&:kind)
    assert_equal [ [ 0, 1 ], [ 1, 0 ] ], items(@page, "arrow").first.data["ends"]
  end

  test "arranging: choose by tap and by frame, move, resize, turn, front and back, delete, undo" do
    lay(@page, *[ 300, 700, 1100 ].each_with_index.map { |x, index| { "kind" => "rectangle", "id" => "r#{index}", "x" => x, "y" => 300, "width" => 200, "height" => 150, "fill" => "#f7dfa6" } })
    assert_selector "[data-kind=rectangle]", count: 3, visible: :all
    tool "arrange"
    tap_at(*on_screen(350, 350))
    assert_selector "#label-bar", text: "Delete"
    draw [ on_screen(350, 350), on_screen(360, 360), on_screen(370, 450) ]
    eventually { (data("r0")["y"] - 400).abs < 3 }

    drag_handle "se", 60, 45
    eventually { data("r0")["width"] > 250 }
    assert_in_delta 320, data("r0")["x"], 3, "the corner across stays"

    drag_handle "turn", 120, 80
    eventually { data("r0")["angle"] > 20 }

    find("#label-bar button", text: "More").click
    find("#chosen button", text: "Front").click
    eventually { @page.items.reload.last.key == "r0" }
    find("#chosen button", text: "Back").click
    eventually { @page.items.reload.first.key == "r0" }

    find("#stage").send_keys :escape
    draw [ on_screen(650, 250), on_screen(900, 300), on_screen(1350, 500) ]
    assert_selector "#choice .frame", visible: :all
    find("#stage").send_keys :delete
    eventually { items(@page).map(&:key) == [ "r0" ] }
    find("#stage").send_keys [ :control, "z" ]
    eventually { items(@page).size == 3 }
    page.refresh
    assert_selector "[data-kind=rectangle]", count: 3, visible: :all
    click_button "Undo"
    eventually { @page.items.reload.last.key == "r0" }
    click_button "Redo"
    eventually { @page.items.reload.first.key == "r0" }
  end

  test "by keys alone: go to a thing, move it, delete it, bring it back" do
    lay(@page, note("n1"), note("n2", x: 600))
    assert_selector "[data-kind=note]", count: 2, visible: :all
    find("#stage").send_keys "a", :tab
    assert_selector "#label-bar"
    find("#stage").send_keys :arrow_right, [ :shift, :arrow_down ]
    eventually { data("n1").values_at("x", "y") == [ 101, 120 ] }
    find("#stage").send_keys [ :alt, :arrow_right ], [ :alt, :arrow_up ]
    eventually { data("n1").values_at("angle", "width") == [ 5, 330 ] }
    find("#stage").send_keys "]"
    eventually { @page.items.reload.last.key == "n1" }
    find("#stage").send_keys :tab
    assert_not_equal "stage", page.evaluate_script("document.activeElement.id"), "the page lets go of the focus after its last thing"
    find("#stage").send_keys [ :shift, :tab ]
    assert_selector "#label-bar"
    find("#stage").send_keys :delete
    eventually { items(@page).map(&:key) == [ "n2" ] }
    find("#stage").send_keys [ :control, "z" ]
    eventually { items(@page).size == 2 }
    find("#stage").send_keys "?"
    assert_selector "dialog#keys", text: "Laser pointer"
  end

  test "in Use things move without handles and nothing can be deleted" do
    lay(@page, note("n1"))
    assert_selector "[data-kind=note]", visible: :all
    tool "use"
    draw [ on_screen(200, 200), on_screen(260, 260), on_screen(400, 350) ]
    eventually { (data("n1")["x"] - 300).abs < 3 }
    assert_no_selector "#label-bar"
    find("#stage").send_keys :delete
    assert_no_selector "#choice .frame", visible: :all
    assert_equal 1, items(@page).size
  end

  test "a picture by file, and a file that is none" do
    file = Tempfile.create([ "boat", ".svg" ]).tap { |out| out.write(svg) && out.close }
    attach_file "bring-in", file.path, make_visible: true
    picture = eventually { items(@page, "picture").first }
    assert_selector "image[href='/pictures/#{picture.picture_id}']", visible: :all
    bad = Tempfile.create([ "boat", ".png" ]).tap { |out| out.write("no picture at all") && out.close }
    attach_file "bring-in", bad.path, make_visible: true
    assert_selector "#uploads [role=alert]", text: "Usher cannot open that kind of file"
    assert_equal 1, items(@page).size
  end

  test "a picture by drop and by paste" do
    [ "drop", "paste" ].each_with_index do |way, index|
      page.execute_script(<<~JS, Base64.strict_encode64(png), way)
        const bytes = Uint8Array.from(atob(arguments[0]), c => c.charCodeAt(0)), data = new DataTransfer()
        data.items.add(new File([bytes], "boat.png", { type: "image/png" }))
        const stage = document.getElementById("stage")
        if (arguments[1] === "drop") stage.dispatchEvent(new DragEvent("drop", { dataTransfer: data, clientX: 600, clientY: 300, bubbles: true, cancelable: true }))
        else document.body.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }))
      JS
      eventually { items(@page, "picture").size == index + 1 }
    end
  end

  test "pages: add, duplicate, reorder by keys, minutes, paper, delete and back" do
    lay(@page, note("n1"))
    find("[data-add-page]").click
    click_button "Same paper as this page"
    assert_selector ".page-tab", count: 2
    assert_selector ".page-tab[aria-current]", text: "2"
    click_button "Page"
    within "#page-sheet" do
      assert_accessible context: "the page's sheet"
      click_button "Squared"
      fill_in "Planned minutes", with: "12"
      find("input[type=number]").send_keys :tab
      eventually { @lesson.pages.reload.last.minutes == 12 }
      assert_equal "squared", @lesson.pages.last.paper
      click_button "Duplicate"
    end
    assert_selector ".page-tab", count: 3
    third = @lesson.reload.pages.reload.last
    find("[data-page='#{third.id}']").send_keys [ :alt, :arrow_left ]
    eventually { @lesson.pages.reload.map(&:id)[1] == third.id }
    assert_selector ".running-page:nth-child(2) [data-page='#{third.id}']"
    middle = ->(tab) { page.evaluate_script("(() => { const r = document.querySelectorAll('.page-tab')[#{tab}].getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2] })()") }
    from, to = middle.call(1), middle.call(0)
    draw [ from, [ from[0] - 30, from[1] ], to ]
    eventually { @lesson.pages.reload.first.id == third.id }
    assert_selector ".running-page:nth-child(1) [data-page='#{third.id}']"
    click_button "Page"
    click_button "Delete page"
    assert_selector ".page-tab", count: 2
    click_button "Put it back"
    assert_selector ".page-tab", count: 3
  end

  test "wings, zoom, pan and fit; a lesson reopens where it was left" do
    before = on_screen(0, 0)
    find(".zoom button[aria-label=Closer]").click
    assert_selector ".zoom-now"
    assert_not_equal before, on_screen(0, 0)
    tool "use"
    draw [ [ 1180, 300 ], [ 1150, 320 ], [ 1100, 340 ] ]
    moved = on_screen(0, 0)
    eventually { @lesson.reload.place["view"] }
    sleep 1.3
    page.refresh
    assert_selector ".zoom-now"
    on_screen(0, 0).zip(moved) { |is, was| assert_in_delta was, is, 1 }
    click_button "Fit"
    on_screen(0, 0).zip(before) { |is, was| assert_in_delta was, is, 1 }
    lay(@page, note("w", x: 1700))
    assert_selector "#item-w", visible: :all
  end

  test "two boards on one page end up with the same page" do
    at(:laptop) { sign_in(@owner) && open_board(@lesson) }
    tool "pen"
    at(:laptop) { tool "pen" }
    3.times do |round|
      draw wave([ 300, 200 + round * 60 ], count: 10)
      at(:laptop) { draw wave([ 600, 200 + round * 60 ], count: 10) }
    end
    eventually { items(@page, "ink").size == 6 }
    order = "[...document.querySelectorAll('[data-items] > [data-item]')].map(e => e.dataset.item + e.dataset.seq).join()"
    assert_selector "[data-kind=ink]", count: 6, visible: :all
    here = page.evaluate_script(order)
    at(:laptop) { assert_selector("[data-kind=ink]", count: 6, visible: :all) && assert_equal(here, page.evaluate_script(order)) }
  end

  private

  def data(key) = @page.items.reload.find { |item| item.key == key }.data
end
