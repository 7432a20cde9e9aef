require "application_system_test_case"

# Typing on the page, symbols, tiles, formulas, papers and starting points.
class WritingTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "a hanging paragraph keeps its lines where they are while somebody types" do
    hung = { "kind" => "text", "id" => "hungtext", "x" => 100, "y" => 200, "width" => 700, "size" => 44, "hang" => 2, "lists" => %w[hanging], "text" => "At ebb the boats lie on the sand beside the old lighthouse" }
    @page.perform({ "verb" => "put", "items" => [ hung ] }, id: SecureRandom.alphanumeric(20), by: @owner)
    open_board @lesson
    assert_selector "#page-content text", text: "boats"
    x, y = evaluate_script("(() => { const box = [...document.querySelectorAll('#page-content text')].find(text => text.textContent.includes('boats')).getBoundingClientRect(); return [box.x + 30, box.y + box.height / 2] })()")
    page.driver.browser.action.move_to_location(x.round, y.round).double_click.perform
    assert_selector ".typing-line.in-list"
    first, second = all(".typing-line").first(2)
    assert_equal [ false, true ], [ first, second ].map { |line| line[:class].include?("in-list") }
  end

  test "while somebody types, the lines are those that Ruby draws" do
    write "The keeper watched the tide come in over the causeway and lit the lamp before dusk"
    eventually { typed_lines.size > 1 }
    sleep 0.3
    shown = typed_lines.map(&:strip)
    close
    drawn = Nokogiri::XML(eventually { items(@page, "text").first }.svg).css("text").map(&:text)
    assert_equal drawn, shown
    assert_no_selector ".typing"
  end

  test "part of a text is bold and coloured, entries make a list, a tile lies under it, and all of it can be undone" do
    write "ebb and flood"
    assert_accessible context: "typing"
    9.times { editor.send_keys [ :shift, :arrow_left ] }
    editor.send_keys [ :control, "b" ]
    look("Colour") { click_button "Red" }
    editor.send_keys :end, :enter, "slack"
    within("#format-bar") { click_button "List" }
    look("Tile") { click_button "Green tile" }
    within("#format-bar") { click_button "Larger" }
    close
    text = eventually { items(@page, "text").first }
    assert_equal [ "ebb and flood\nslack", %w[none bullets], "#d9eee3", 47 ], text.data.values_at("text", "lists", "ground", "size")
    marked = text.data["marks"].map { |mark| [ text.data["text"][mark["from"]...mark["to"]], mark.except("from", "to") ] }
    assert_equal [ [ "and flood", { "bold" => true } ], [ "and flood", { "colour" => "#b3411d" } ] ], marked
    click_button "Undo"
    eventually { items(@page).empty? }
    click_button "Redo"
    eventually { items(@page, "text").size == 1 }
  end

  test "parts are underlined, struck, highlighted and larger, and stand where they stood while they were typed" do
    write "ebb and flood"
    editor.send_keys :enter, "slack"
    editor.send_keys :up, :end
    5.times { editor.send_keys [ :shift, :arrow_left ] }
    editor.send_keys [ :control, "u" ]
    look("Marks") { click_button "Strike" }
    look("Marks") { click_button "Blue highlight" }
    2.times { within("#format-bar") { click_button "Larger" } }
    eventually { page.evaluate_script("document.querySelector('[data-size-now]').textContent") == "56" }
    typed = places(".typing span", "flood", "slack")
    close
    text = eventually { items(@page, "text").first }
    look = text.data["marks"].reduce { |one, other| one.merge(other) }
    assert_equal [ { "from" => 8, "to" => 13, "underline" => true, "strike" => true, "highlight" => "#d5e8ef", "scale" => 1.39 }, 40 ], [ look, text.data["size"] ]
    drawn = eventually { places("[data-kind=text] text > *, [data-kind=text] text", "flood", "slack").then { |found| found if found.compact.size == 2 } }
    typed.zip(drawn).each { |one, other| one.zip(other).each { |before, after| assert_in_delta before, after, 2.5 } }
    assert_selector "[data-kind=text] rect[fill='#d5e8ef']"
  end

  test "letters stand above and below the line, where they stood while they were typed; what is typed behind them does not" do
    write "m2"
    editor.send_keys :end
    look("Marks") { click_button "Above the line" }
    assert_text "Select the letters first."
    editor.send_keys [ :shift, :arrow_left ]
    look("Marks") { click_button "Above the line" }
    assert_selector ".typing-super", exact_text: "2"
    editor.send_keys :end, " of H2O"
    assert_selector ".typing-super", exact_text: "2"
    editor.send_keys :arrow_left, [ :shift, :arrow_left ]
    look("Marks") { click_button "Above the line" }
    look("Marks") { click_button "Below the line" }
    editor.send_keys :home
    typed = places(".typing span", "2", " of H", "O")
    close
    text = eventually { items(@page, "text").first }
    assert_equal [ "m2 of H2O", [ [ 1, "super" ], [ 7, "super" ], [ 7, "sub" ] ] ], [ text.data["text"], text.data["marks"].map { |mark| mark.values_at("from", "shift") } ]
    drawn = eventually { places("[data-kind=text] text > *", "2", " of H", "O").then { |found| found if found.compact.size == 3 } }
    typed.zip(drawn).each { |one, other| one.zip(other).each { |before, after| assert_in_delta before, after, 2.5 } }
    find("#page-content [data-kind=text] text").double_click
    editor.send_keys :home, :arrow_right, [ :shift, :arrow_right ]
    look("Marks") { click_button "Above the line" }
    assert_no_selector ".typing-super"
  end

  test "on a phone the bar of looks lies clear of the tray, wherever the text is" do
    cdp "Emulation.setDeviceMetricsOverride", width: 390, height: 844, deviceScaleFactor: 1, mobile: false
    tool "text"
    box = ->(selector) { page.evaluate_script("(({ top, bottom }) => [top, bottom])([...document.querySelectorAll('#{selector}')].find(one => one.checkVisibility()).getBoundingClientRect())") }
    [ 200, 330 ].each do |down|
      tap_at 200, down
      editor.send_keys "Ebb and flood"
      assert_selector ".typing-line", exact_text: "Ebb and flood"
      sleep 0.3 # Ruby has said by then how high it is
      bar = box.("#format-bar")
      { "tray" => box.(".tray"), "text" => box.(".typing") }.each { |name, (top, bottom)| assert bar[1] <= top || bar[0] >= bottom, "over the #{name} at #{down}" }
      close
      assert_no_selector "#format-bar", visible: true
    end
  ensure
    cdp "Emulation.clearDeviceMetricsOverride"
  end

  test "in a low window all that opens from the bar of looks can be pressed" do
    cdp "Emulation.setDeviceMetricsOverride", width: 640, height: 400, deviceScaleFactor: 1, mobile: false
    tool "text"
    eventually { page.evaluate_script("innerWidth") == 640 }
    covered = -> { page.evaluate_script(<<~JS) }
      [...document.querySelectorAll("#format-bar details[open] .format-menu button")].filter(one => {
        const { left, width, bottom } = one.getBoundingClientRect()
        return !one.contains(document.elementFromPoint(left + width / 2, bottom - 4))
      }).map(one => one.textContent || one.ariaLabel)
    JS
    [ 80, 110, 133 ].each do |down|
      tap_at 320, down
      editor.send_keys "Ebb and flood"
      assert_selector ".typing-line", exact_text: "Ebb and flood"
      %w[Marks Colour Align Font].each do |menu|
        find("#format-bar summary", text: menu).click
        assert_selector "#format-bar details[open] .format-menu"
        eventually("#{menu} at #{down}", seconds: 5) { covered.().empty? }
        find("#format-bar summary", text: menu).click
      end
      close
    end
  ensure
    cdp "Emulation.clearDeviceMetricsOverride"
  end

  test "lines reach both edges, where they reached them while they were typed" do
    write "At ebb the boats lie on the sand beside the old lighthouse, and the ropes that held them dry until the flood lifts all of them once more"
    look("Align") { click_button "Both" }
    eventually { page.evaluate_script("document.querySelector('.typing-line').style.wordSpacing") != "" }
    rights = -> { page.evaluate_script("[...document.querySelectorAll('.typing-line')].map(line => { const words = document.createRange(); const text = line.firstChild.firstChild; words.setStart(text, 0); words.setEnd(text, text.data.trimEnd().length); return words.getBoundingClientRect().right })") }
    first, *middle, last = rights.()
    assert_operator middle.size, :>=, 1
    middle.each { |right| assert_in_delta first, right, 1.5 }
    assert_operator last, :<, first - 20
    close
    text = eventually { items(@page, "text").first }
    assert_equal "both", text.data["align"]
    drawn = page.evaluate_script("[...document.querySelectorAll('#page-content [data-kind=text] text')].map(line => line.getBoundingClientRect().right)")
    drawn.zip([ first, *middle, last ]).each { |after, before| assert_in_delta before, after, 2.5 }
  end

  test "a selected part has a face of its own, the whole text another, and stands where it stood while it was typed" do
    write "ebb and flood"
    editor.send_keys :enter, "slack"
    look("Font") { click_button "Broad" }
    editor.send_keys :up, :end
    5.times { editor.send_keys [ :shift, :arrow_left ] }
    look("Font") { click_button "Code" }
    assert_selector ".typing span[style*=font-code]", exact_text: "flood"
    eventually { page.evaluate_script("['Liberation Mono', 'DejaVu Sans'].every(name => document.fonts.check(`40px '${name}'`))") }
    page.evaluate_async_script("document.fonts.ready.then(() => setTimeout(arguments[0], 500))") # and the lines are laid out with them
    typed = places(".typing span", "flood", "slack")
    close
    text = eventually { items(@page, "text").first }
    assert_equal [ "broad", [ { "from" => 8, "to" => 13, "font" => "code" } ] ], text.data.values_at("font", "marks")
    drawn = eventually { places("[data-kind=text] text > *, [data-kind=text] text", "flood", "slack").then { |found| found if found.compact.size == 2 } }
    typed.zip(drawn).each { |one, other| one.zip(other).each { |before, after| assert_in_delta before, after, 2.5 } }
  end

  test "in every face words stand where they stood before somebody typed" do
    faces = Usher::Text::Faces::NAMES
    lay @page, *faces.each_with_index.map { |font, index| { "kind" => "text", "id" => font, "x" => 200 + index % 2 * 600, "y" => 100 + index / 2 * 120, "width" => 500, "size" => 48, "text" => "Lamp room", "font" => font } }
    middle = "(box => box.top + box.height / 2)(document.querySelector(arguments[0]).getBoundingClientRect())"
    faces.each do |font|
      assert_selector "#item-#{font} text", text: "Lamp room"
      page.evaluate_async_script("document.fonts.ready.then(arguments[0])")
      drawn = page.evaluate_script(middle, "#item-#{font} text")
      find("#item-#{font} text").double_click
      assert_selector ".typing-line", exact_text: "Lamp room"
      assert_in_delta drawn, page.evaluate_script(middle, ".typing-line span"), 1, font
      close
      assert_no_selector ".typing"
    end
  end

  test "words behind a tab stand where they stood while they were typed" do
    lay @page, { "kind" => "text", "id" => "tides", "x" => 200, "y" => 200, "width" => 900, "size" => 48, "text" => "High water\t06:10\nEbb\t12:25", "tab" => 7 }
    assert_selector "#item-tides text", text: "12:25"
    drawn = page.evaluate_script("[...document.querySelectorAll('#item-tides text')].filter(one => one.textContent.includes(':')).map(one => one.getBoundingClientRect().left)")
    assert_in_delta drawn[0], drawn[1], 1
    find("#item-tides text", text: "Ebb").double_click
    assert_selector ".typing-line", count: 2
    typed = page.evaluate_script(<<~JS)
      [...document.querySelectorAll(".typing-line")].map(line => {
        const words = document.createRange(), text = line.firstChild.firstChild
        words.setStart(text, text.data.indexOf("\\t") + 1)
        words.setEnd(text, text.data.length)
        return words.getBoundingClientRect().left
      })
    JS
    drawn.zip(typed).each { |one, other| assert_in_delta one, other, 2.5 }
  end

  test "a list that was brought in with its numbers keeps them, and counts on" do
    paste '<ol start="3"><li>ebb</li><li>flood</li></ol>'
    text = eventually { items(@page, "text").first }
    assert_equal %w[numbers:3 numbers:3], text.data["lists"]
    find("#page-content [data-kind=text] text", text: "ebb").double_click
    editor.send_keys :end, :enter, "slack"
    markers = -> { page.evaluate_script("[...document.querySelectorAll('.typing-line')].map(line => line.dataset.marker)") }
    eventually { markers.() == %w[3. 4. 5.] }
    assert_selector "#format-bar [data-value=numbers][aria-pressed=true]"
    within("#format-bar") { click_button "Numbers" }
    eventually { markers.().compact.size == 2 }
    assert_selector "#format-bar [data-value=numbers][aria-pressed=false]"
  end

  test "a list that was brought in keeps the face of its signs while somebody types, until the text has another face" do
    lay @page, { "kind" => "text", "id" => "ropes", "x" => 200, "y" => 200, "width" => 700, "size" => 48, "text" => "Bowline", "lists" => %w[bullets], "font" => "slim", "sign_font" => "plain" }
    stored = -> { @page.items.find_by(key: "ropes").data.values_at("text", "sign_font") }
    sign = -> { page.evaluate_script("getComputedStyle(document.querySelector('.typing [data-marker]'), '::before').fontFamily") }
    find("#item-ropes text", text: "Bowline").double_click
    assert_selector ".typing [data-marker]"
    assert_match(/Liberation Sans/, sign.())
    editor.send_keys :end, "s"
    close
    eventually { stored.() == %w[Bowlines plain] }
    find("#item-ropes text", text: "Bowlines").double_click
    look("Font") { click_button "Broad" }
    eventually { sign.().include?("DejaVu Sans") }
    close
    eventually { stored.() == [ "Bowlines", nil ] }
  end

  test "Shift and Enter begin a line of the same entry" do
    write "ebb"
    within("#format-bar") { click_button "Numbers" }
    editor.send_keys [ :shift, :enter ], "goes out", :enter, "flood"
    within("#format-bar") { click_button "Numbers" } if page.evaluate_script("document.querySelectorAll('.typing-line[data-marker]').length") == 0
    close
    text = eventually { items(@page, "text").first }
    assert_equal [ "ebb\ngoes out\nflood", %w[numbers under numbers] ], text.data.values_at("text", "lists")
    assert_equal [ "1.", "ebb", "goes out", "2.", "flood" ], Nokogiri::XML(text.svg).css("text").map(&:text)
  end

  test "steps while typing, cutting, an emptied text, Escape" do
    write "tide"
    editor.send_keys " table", [ :control, "z" ]
    eventually { typed_lines.join == "tide tabl" }
    editor.send_keys [ :control, :shift, "z" ], [ :control, "a" ], [ :control, "x" ]
    eventually { typed_lines.join.empty? }
    close
    assert_no_selector ".typing"
    assert_empty items(@page)
  end

  test "rich text is pasted with its bold and its lists, on the page and into a text, and runs nothing" do
    html = "<p>ebb <b>flood</b></p><ul><li>slack</li></ul><script>window.hacked = 1</script>"
    paste html
    text = eventually { items(@page, "text").first }
    assert_equal [ "ebb flood\nslack", %w[none bullets], [ { "from" => 4, "to" => 9, "bold" => true } ] ], text.data.values_at("text", "lists", "marks")
    write "now: "
    paste html, into: ".typing"
    eventually { typed_lines.size == 2 }
    close
    eventually { items(@page, "text").size == 2 }
    assert_nil page.evaluate_script("window.hacked ?? null")
  end

  test "a text is as wide as its words until a hand sets its width, and what is beside it can be tapped" do
    write "tide"
    close
    text = eventually { items(@page, "text").first }
    narrow = text.data["width"]
    assert_operator narrow, :<, 200
    tool "arrange"
    tap_at(*on_screen(text.right + 80, (text.top + text.bottom) / 2))
    assert_selector "#label-bar[hidden]", visible: :all
    tap_at(*on_screen((text.left + text.right) / 2, (text.top + text.bottom) / 2))
    assert_selector "#label-bar:not([hidden])"
    within("#label-bar") { click_button "Edit" }
    editor.send_keys " table"
    close
    wider = eventually { items(@page, "text").first.data.then { |data| data if data["width"] > narrow } }
    assert_equal text.data["x"], wider["x"]
    sleep 0.6 # a hand is not so quick that this were the second tap of two
    tap_at(*on_screen(text.left + 20, (text.top + text.bottom) / 2))
    drag_handle "e", 200, 0
    set = eventually { items(@page, "text").first.data.then { |data| data if data["room"].nil? } }
    assert_operator set["width"], :>, wider["width"] + 100
  end

  test "a text longer than the page holds is asked about, and goes on over pages with all its words" do
    words = Array.new(2_000) { |n| "wave#{n}" }
    paste nil, plain: words.join(" ")
    assert_text "2,000 words are more than this page holds."
    click_button "Cancel"
    assert_no_selector ".dialog[open]"
    assert_empty items(@page)
    paste nil, plain: words.join(" ")
    find(".dialog[open] .button-main", text: /Put them on \d+ pages/).click
    eventually { items(@page, "text").one? }
    pages = eventually { @lesson.reload.pages.to_a.then { |all| all if all.size > 3 } }
    assert_selector ".page-tab", count: pages.size
    assert_equal words, pages.flat_map { |one| one.items.flat_map { |item| item.data["text"].split } }
  end

  test "more than a text holds is left out whole while typing, and said" do
    write "low water "
    paste nil, into: ".typing", plain: "wave " * 2_001
    assert_text "One text holds 10,000 letters."
    assert_equal "low water", typed_lines.join.strip
  end

  test "symbols are found, go to the caret or onto the page, and are remembered" do
    write "5 "
    look("Symbols")
    find("#symbols input").set("cube root")
    assert_selector "#symbols [data-symbol]", maximum: 8
    find("[data-symbol='∛']").click
    eventually { typed_lines.join == "5 ∛" }
    find("[aria-label='Close the symbols']").click
    close
    eventually { items(@page, "text").first&.data&.fetch("text") == "5 ∛" }
    find(".tray").click_button "Symbols"
    assert_accessible context: "the symbols"
    find("#symbols input").set("arrow right")
    assert_selector "#symbols [data-symbol]", maximum: 8 # what was found, no longer the whole bank
    find("[data-symbol='→']").click
    eventually { items(@page, "text").any? { |text| text.data["text"] == "→" } }
    eventually { @owner.reload.preferences["symbols"] == %w[→ ∛] }
    from = page.evaluate_script("(() => { const r = document.querySelector('[data-symbol=\"→\"]').getBoundingClientRect(); return [r.x + 20, r.y + 20] })()")
    draw [ from, [ 700, 400 ], [ 500, 400 ] ]
    eventually { items(@page, "text").size == 3 }
  end

  test "tiles from a list and a formula are made, refused in words, and edited again" do
    tool "text"
    click_button "Tiles"
    within "#tile-maker" do
      click_button "Put them on the page"
      assert_text "Write the tiles with commas between them"
      fill_in "Words or numbers", with: "2x, 3y, 5"
      assert_selector "[data-kind=tile]", count: 3, visible: :all
      assert_accessible context: "tiles"
      click_button "Put them on the page"
    end
    eventually { items(@page, "tile").map { |tile| tile.data["text"] }.sort == %w[2x 3y 5] }
    tool "text"
    click_button "Formula"
    within "#formula-maker" do
      assert_accessible context: "a formula"
      click_button "Fraction"
      fill_in "Written in one line", with: "(1/2"
      assert_text "A bracket of this formula has no partner."
      fill_in "Written in one line", with: "1/2"
      assert_selector "[data-look] path", minimum: 2, visible: :all
      click_button "Put it on the page"
    end
    formula = eventually { items(@page, "formula").first }
    assert_selector "#label-bar:not([hidden])"
    within("#label-bar") { click_button "Edit" }
    fill_in "Written in one line", with: "sqrt(3)"
    click_button "Keep"
    eventually { items(@page, "formula").first.data["source"] == "sqrt(3)" }
    assert_equal formula.key, items(@page, "formula").first.key
  end

  test "the keyboard on the screen types into the formula sheet, which stays in sight above it" do
    tool "text"
    click_button "Keyboard"
    assert_selector ".keyboard .hg-button"
    click_button "Formula"
    fill_in "Written in one line", with: ""
    %w[1 2].each { |key| find("#formula-maker .hg-button[data-skbtn='#{key}']").click }
    assert_field "Written in one line", with: "12"
    click_button "Put it on the page"
    eventually { items(@page, "formula").first&.data&.fetch("source") == "12" }
  end

  test "papers have measures, a picture is one too, and a page is kept to start from" do
    click_button "Page"
    click_button "Number line"
    fill_in "To", with: "2"
    fill_in "Step", with: "0.25"
    find("[name=step]").send_keys :tab
    eventually { @page.reload.measures == { "from" => 0, "to" => 2, "step" => 0.25, "rows" => 3 } }
    assert_selector "[data-ground] text", text: "1.75", visible: :all
    fill_in "To", with: "-5"
    find("[name=to]").send_keys :tab
    assert_text "A scale must go up"
    assert_equal 2, @page.reload.measures["to"]
    attach_file(upload_path, make_visible: true) { find("label", text: "Your picture").click }
    eventually { @page.reload.paper == "picture" && @page.picture }
    within("#keep-page") { fill_in "Keep as a starting point", with: "Harbour plan" }
    within("#keep-page") { click_button "Keep" }
    assert_text "Kept. You find it when you add a page."
    find("[data-add-page]").click
    assert_accessible context: "a new page"
    click_button "Harbour plan"
    assert_selector ".page-tab", count: 2
    assert_equal "picture", eventually { @lesson.reload.pages.second }.paper
    find("[data-add-page]").click
    click_button "Checklist"
    assert_selector ".page-tab", count: 3
    assert_selector "[data-kind=text]", text: "What we do today", visible: :all
  end

  test "a link in a text opens in Use, on a page of its own, and not while it is arranged" do
    lay(@page, { "kind" => "text", "id" => "t", "x" => 400, "y" => 300, "width" => 500, "height" => 0, "text" => "tide table", "size" => 60, "marks" => [ { "from" => 0, "to" => 10, "link" => "https://gullpoint.example/tides" } ] })
    assert_selector "#item-t a", visible: :all
    page.execute_script("window.open = (...asked) => { window.opened = asked }")
    tap_at(*on_screen(460, 340))
    assert_nil page.evaluate_script("window.opened ?? null")
    tool "use"
    tap_at(*on_screen(460, 340))
    assert_equal [ "https://gullpoint.example/tides", "_blank", "noopener,noreferrer" ], page.evaluate_script("window.opened")
    assert_current_path lesson_path(@lesson)
  end

  private

  def editor = find(".typing[contenteditable=true]")

  def write(words)
    tool "text"
    tap_at 420, 300
    editor.send_keys words
  end

  def close = editor.send_keys(:escape)

  def typed_lines = page.evaluate_script("[...document.querySelectorAll('.typing .typing-line')].map(line => line.textContent)")

  # Where the last parts with these words begin and how wide they are: [[left, width], ...] in dots.
  def places(selector, *words)
    page.evaluate_script(<<~JS, selector, words)
      ((selector, words) => words.map(word => {
        const part = [...document.querySelectorAll(selector)].findLast(one => one.textContent === word)
        const box = part?.getBoundingClientRect()
        return box ? [box.left, box.width, box.top + box.height / 2] : null
      }))(arguments[0], arguments[1])
    JS
  end

  # A part of the bar of looks, opened first.
  def look(name)
    within "#format-bar" do
      find("button, summary", text: name).click
      yield if block_given?
    end
  end

  def paste(html, into: "body", plain: "ebb flood slack")
    page.execute_script(<<~JS, html, into, plain)
      const data = new DataTransfer()
      if (arguments[0]) data.setData("text/html", arguments[0])
      data.setData("text/plain", arguments[2])
      document.querySelector(arguments[1]).dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }))
    JS
  end

  def upload_path = Rails.root.join("db/demo/pictures/boat.svg").to_s
end
