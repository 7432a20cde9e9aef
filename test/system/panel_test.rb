require "application_system_test_case"

Chromium.register(:panel, touch: true)

# A wall panel that is touched. Chromium forgets about touch when a session is reset, so each test
# has a browser of its own.
class PanelTest < ApplicationSystemTestCase
  driven_by :panel

  setup { start_at_board }

  teardown { page.quit }

  test "two hands write at once, each its own stroke" do
    tool "pen"
    touch wave([ 300, 250 ], count: 12), wave([ 600, 450 ], count: 12)
    eventually { items(@page, "ink").size == 2 }
    left, right = items(@page, "ink").sort_by { |stroke| stroke.data["x"] }
    assert_operator left.data["x"] + left.data["width"], :<, right.data["x"]
    assert(items(@page, "ink").all? { |stroke| stroke.data["points"].size > 8 })
  end

  test "two fingers bring the page closer in Use, and Fit brings it back" do
    tool "use"
    width = -> { on_screen(1600, 0)[0] - on_screen(0, 0)[0] }
    before = width.call
    touch Array.new(8) { |step| [ 600 - step * 20, 350 ] }, Array.new(8) { |step| [ 700 + step * 20, 350 ] }
    eventually { width.call > before * 1.5 }
    click_button "Fit"
    assert_in_delta before, width.call, 1
    assert_empty items(@page)
  end

  test "a finger carries a drawing from the store room to its place, scrolls the shelf, and takes by a tap" do
    find("[data-bring-in]").click
    find(".store-shelves button", text: "Picture search").click
    assert_selector "[data-thing='crab']"
    from = page.evaluate_script("(r => [r.x + 40, r.y + 40])(document.querySelectorAll('[data-thing]')[0].getBoundingClientRect())")
    place = on_screen(800, 450)
    touch([ from, [ from[0] - 30, from[1] ], [ from[0] - 150, from[1] - 20 ], place, place ])
    carried = eventually { items(@page, "picture").first }
    assert_in_delta 800, carried.data["x"] + carried.data["width"] / 2, 6
    touch([ from, [ from[0], from[1] - 30 ], [ from[0] + 2, from[1] - 120 ] ])
    eventually { shelf_at > 20 }
    assert_equal 1, items(@page, "picture").size
    eventually { shelf_at.then { |was| sleep(0.3) && shelf_at == was } } # a shelf that was pushed rolls on
    touch([ page.evaluate_script("(s => [...document.querySelectorAll('[data-thing]')].map(t => t.getBoundingClientRect()).filter(r => r.top > s.top && r.bottom < s.bottom).map(r => [r.x + 40, r.y + 40])[0])(document.querySelector('.store-body').getBoundingClientRect())") ])
    eventually { items(@page, "picture").size == 2 }
  end

  test "two fingers make the spotlight larger and smaller" do
    find(".tray").click_button "Spotlight"
    wide = -> { page.evaluate_script("document.querySelector('#glass [data-part=rim]')?.getBoundingClientRect().width") }
    was = eventually { wide.call }
    x, y = page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.querySelector('#glass [data-part=rim]').getBoundingClientRect())")
    touch Array.new(8) { |step| [ x - 30 - step * 10, y ] }, Array.new(8) { |step| [ x + 30 + step * 10, y ] }
    eventually { wide.call > was * 1.3 }
    larger = wide.call
    touch Array.new(8) { |step| [ x - 110 + step * 10, y ] }, Array.new(8) { |step| [ x + 110 - step * 10, y ] }
    eventually { wide.call < larger * 0.8 }
    assert_no_selector ".zoom-now"
  end

  test "two hands play an activity at once: what one holds stays with it while the other's move is answered" do
    card_on(@page, activity = activity(@lesson))
    open_board @lesson, teach: true
    assert_selector "[data-kind=activity]", visible: :all
    touch [ on_screen(400, 400) ]
    assert_text "0 of 4"
    attempt = eventually { activity.attempts.last }
    pieces, places = %w[p1 p2].map { |piece| centre("[data-piece=#{piece}]") }, %w[p1 p2].map { |piece| centre("[data-place=#{home(attempt, piece)}]") }
    hands = pieces.zip(places).map { |from, to| [ from, [ from[0] + 4, from[1] - 30 ], to ] }
    move = ->(type, *points) { cdp("Input.dispatchTouchEvent", type: type, touchPoints: points.compact) }
    at = ->(hand, step) { { x: hands[hand][step][0], y: hands[hand][step][1], id: hand } }
    several_fingers
    move.("touchStart", at.(0, 0), at.(1, 0))
    [ 1, 2 ].each { |step| move.("touchMove", at.(0, step), at.(1, step)) }
    move.("touchEnd", at.(1, 2)) # the first hand lets go
    assert_text "1 of 4"
    assert_selector ".piece-carried", count: 1
    move.("touchEnd")
    assert_text "2 of 4"
    assert_equal [ 2, 0 ], attempt.reload.values_at(:answered, :misses)
    touch(*%w[p3 p4].map { |piece| [ centre("[data-piece=#{piece}]"), centre("[data-place=#{astray(attempt, piece)}]") ] })
    assert_text "2 misses"
    assert_text "It went back."
    assert_selector ".pool [data-piece]", count: 2
  end

  test "two hands with one lasso or frame harm nothing" do
    lay(@page, note("a"))
    [ nil, "A lasso" ].each do |way|
      find(".tray").click_button(way) if way
      touch [ on_screen(60, 60), on_screen(500, 80), on_screen(520, 500), on_screen(40, 480) ], [ on_screen(900, 400), on_screen(1000, 450), on_screen(1100, 700) ]
      assert_empty script_errors
    end
  end

  test "a tap right after a quick stroke is heard, on the page, from a bar and from a handle" do
    lay(@page, note("n1"))
    tool "arrange"
    tap_at(*on_screen(150, 120))
    page.execute_script("window.taps = 0; addEventListener('click', () => taps++, true)")
    drawn
    %w[#page-view #label-bar [data-handle=se].touch].each_with_index do |from, index|
      x, y = centre(from)
      to = x > 640 ? -80 : 80
      touch(Array.new(7) { |step| [ x + step * to, y ] })
      touch([ centre("[data-tool=arrange]") ])
      eventually("a tap after a stroke from #{from}") { page.evaluate_script("taps") == index + 1 }
    end
  end

  test "a finger moves a thing in Use" do
    lay(@page, note("a"), note("b", x: 900))
    assert_selector "[data-kind=note]", count: 2, visible: :all
    tool "use"
    touch([ on_screen(200, 200), on_screen(220, 260), on_screen(240, 400) ])
    eventually { @page.items.reload.first.data["y"] > 250 }
  end

  test "a second hand at the same time moves another thing; a shaking finger moves none and taps" do
    lay(@page, note("a"), note("b", x: 900), { "kind" => "cover", "id" => "patch", "x" => 500, "y" => 550, "width" => 200, "height" => 120 })
    assert_selector "[data-kind=note]", count: 2, visible: :all
    tool "use"
    touch [ on_screen(200, 200), on_screen(220, 300), on_screen(240, 500) ], [ on_screen(1000, 200), on_screen(1000, 250), on_screen(1100, 450) ]
    eventually { @page.items.reload.where(kind: "note").all? { |item| item.data["y"] > 250 } }
    assert_no_selector ".zoom-now"
    x, y = on_screen(600, 600)
    touch [ [ x, y ], [ x + 7, y - 6 ], [ x + 3, y + 5 ] ]
    eventually { @page.items.reload.find_by(key: "patch").data["off"] }
    assert_equal 500, @page.items.find_by(key: "patch").data["x"]
  end

  test "three hands at once each have their own colour, and keep it when they come down again" do
    tool "pen"
    touch wave([ 300, 200 ], count: 10), wave([ 300, 330 ], count: 10), wave([ 300, 460 ], count: 10)
    eventually { items(@page, "ink").size == 3 }
    assert_equal 3, items(@page, "ink").map { |ink| ink.data["colour"] }.uniq.size
    was = items(@page, "ink").to_h { |ink| [ (ink.data["y"] / 200).round, ink.data["colour"] ] }
    touch wave([ 620, 460 ], count: 6), wave([ 620, 200 ], count: 6), wave([ 620, 330 ], count: 6)
    eventually { items(@page, "ink").size == 6 }
    items(@page, "ink").last(3).each { |ink| assert_equal was[(ink.data["y"] / 200).round], ink.data["colour"] }
  end

  test "five contacts write at once, and one colour for all can be set" do
    @owner.prefer("hands" => false)
    page.refresh
    tool "pen"
    touch(*Array.new(5) { |hand| wave([ 300 + hand * 130, 220 + hand * 50 ], count: 8, step: 6) })
    eventually { items(@page, "ink").size == 5 }
    assert_equal 1, items(@page, "ink").map { |ink| ink.data["colour"] }.uniq.size
  end

  test "a palm erases whatever tool is chosen, unless that is switched off" do
    tool "pen"
    touch Array.new(20) { |step| [ 320 + step * 20, 300 ] }
    eventually { items(@page, "ink").size == 1 }
    tool "use"
    wipe = [ [ 500, 240 ], [ 500, 280 ], [ 500, 320 ], [ 500, 360 ] ]
    touch wipe, radius: 40
    eventually { items(@page, "ink").size == 2 }
    @owner.prefer("palm" => { "on" => false, "size" => 64 })
    page.refresh
    tool "pen"
    touch wipe.map { |x, y| [ x + 120, y ] }, radius: 40
    eventually { items(@page, "ink").size == 3 }
  end

  test "the on-screen keyboard opens for a field that is tapped, writes, changes its layout, is moved and put away" do
    tool "text"
    touch [ [ 420, 300 ] ]
    assert_selector "#keyboard:not([hidden])"
    %w[t i d e].each { |key| press key }
    eventually { page.evaluate_script("document.querySelector('.typing').textContent") == "tide" }
    assert_accessible context: "the keyboard on the screen"
    press "{bksp}"
    select "German", from: "Layout of the keys"
    press "ä"
    before = page.evaluate_script("document.getElementById('keyboard').getBoundingClientRect().top")
    head = page.evaluate_script("(() => { const r = document.querySelector('.keyboard-head svg').getBoundingClientRect(); return [r.x + 20, r.y + 6] })()")
    touch [ head, [ head[0], head[1] - 60 ], [ head[0], head[1] - 120 ] ]
    assert_in_delta before - 120, page.evaluate_script("document.getElementById('keyboard').getBoundingClientRect().top"), 4
    eventually { @owner.reload.preferences.dig("keyboard", "layout") == "german" }
    touch [ [ 1100, 400 ] ]
    eventually { items(@page, "text").first&.data&.fetch("text") == "tidä" }
    assert_no_selector "#keyboard:not([hidden])"
  end

  test "the keyboard writes into the fields of the desk and of sheets, numbers too" do
    visit root_path
    field = page.evaluate_script("(() => { const r = document.querySelector('[type=search]').getBoundingClientRect(); return [r.x + 40, r.y + 20] })()")
    page.execute_script("sessionStorage.clear()")
    touch [ field ]
    assert_selector "#keyboard:not([hidden])"
    %w[e b b].each { |key| press key }
    assert_text "No lesson has “ebb” in its facts"
    open_board @lesson
    find("[data-open-page]").click
    assert_selector "#page-sheet[open]"
    page.execute_script("sessionStorage.clear()")
    minutes = page.evaluate_script("(() => { const f = document.querySelector('#page-sheet input[max=\"600\"]'); f.scrollIntoView(); const r = f.getBoundingClientRect(); return [r.x + 20, r.y + 20] })()")
    touch [ minutes ]
    assert_selector "#page-sheet #keyboard:not([hidden])"
    [ "{bksp}", "1", "2", "{enter}" ].each { |key| press key }
    eventually { @page.reload.minutes == 12 }
  end

  private

  def centre(selector) = page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.querySelector(#{selector.to_json}).getBoundingClientRect())")
  def shelf_at = page.evaluate_script("document.querySelector('.store-body').scrollTop")
  def press(key) = find("#keyboard [data-skbtn='#{key}']").click
end
