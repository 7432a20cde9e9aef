require "application_system_test_case"

# Pen, highlighter, eraser, Tidy, shapes and rulers.
class InkTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "the eraser cuts a stroke in two, shows it at once, and undo joins it again" do
    tool "pen"
    draw Array.new(30) { |step| [ 400 + step * 10, 300 ] }
    eventually { items(@page, "ink").size == 1 }
    assert_selector "[data-kind=ink][data-seq]", count: 1, visible: :all
    tool "eraser"
    draw [ [ 540, 240 ], [ 540, 280 ], [ 540, 320 ], [ 540, 360 ] ], hold: true
    assert_selector "[data-kind=ink][mask]", visible: :all
    lift [ 540, 360 ]
    pieces = eventually { items(@page, "ink").then { |all| all if all.size == 2 } }
    gap = pieces.map(&:data).sort_by { |data| data["x"] }.then { |left, right| right["x"] - left["x"] - left["width"] }
    assert_in_delta 40, gap, 2
    assert_selector "[data-kind=ink]:not([mask])", count: 2, visible: :all
    assert_no_selector "#page-view mask", visible: :all
    click_button "Undo"
    eventually { items(@page, "ink").size == 1 }
    assert_selector "[data-kind=ink]", count: 1, visible: :all
  end

  test "the highlighter has its own colours and hides nothing" do
    tool "highlighter"
    click_button "Pink"
    draw Array.new(12) { |step| [ 420 + step * 12, 260 ] }
    mark = eventually { items(@page, "ink").first }
    assert_equal [ "#f06a9b", 0.42, "even" ], mark.data.values_at("colour", "opacity", "nib")
    assert_selector ".wet canvas", count: 0, visible: :all
  end

  test "part of a picture is rubbed out, moves with it, and is lifted off as a whole" do
    picture = picture_of(@owner)
    lay(@page, { "kind" => "picture", "id" => "pic", "x" => 500, "y" => 300, "width" => 400, "height" => 300, "picture" => picture.id })
    assert_selector "#item-pic", visible: :all
    tool "eraser"
    click_button "In pictures"
    from, to = on_screen(560, 400), on_screen(760, 420)
    draw [ from, [ (from[0] + to[0]) / 2, from[1] ], to ]
    eventually { items(@page).first.data["rubbed"].any? }
    assert_selector "#item-pic image[mask]", visible: :all
    tool "arrange"
    tap_at(*on_screen(700, 560))
    click_button "Whole again"
    eventually { items(@page).first.data["rubbed"].empty? }
    assert_no_selector "#item-pic image[mask]", visible: :all
    click_button "Undo"
    eventually { items(@page).first.data["rubbed"].any? }
  end

  test "Tidy as a switch makes shapes exact while they are drawn and leaves letters; as a verb it answers for chosen ink" do
    tool "pen"
    click_button "Tidy"
    draw circle_at(500, 300)
    eventually { items(@page).map(&:kind) == %w[ellipse] }
    draw [ [ 700, 250 ], [ 705, 300 ], [ 720, 330 ], [ 740, 300 ], [ 745, 250 ], [ 760, 320 ], [ 775, 300 ], [ 780, 250 ] ] # a w
    sleep 1.4
    assert_equal %w[ellipse ink], items(@page).map(&:kind).sort
    click_button "Undo" # the w
    click_button "Undo" # back from exact to drawn
    eventually { items(@page).map(&:kind) == %w[ink] }
    tool "pen"
    click_button "Tidy"
    tool "arrange"
    tap_at 560, 300
    within("#label-bar") { click_button "Tidy" }
    eventually { items(@page).map(&:kind) == %w[ellipse] }
    tool "pen"
    draw [ [ 700, 250 ], [ 705, 300 ], [ 720, 330 ], [ 740, 300 ], [ 745, 250 ], [ 760, 320 ], [ 775, 300 ], [ 780, 250 ] ]
    eventually { items(@page, "ink").size == 1 }
    tool "arrange"
    tap_at 722, 328
    within("#label-bar") { click_button "Tidy" }
    assert_text "Usher sees no exact shape in this. It stays as you drew it."
    assert_selector "[data-kind=ink]", count: 1, visible: :all
  end

  test "shapes of all kinds are drawn, filled at one tap, bent by their knots and given another look" do
    tool "shape"
    assert_accessible context: "the tray of shapes"
    %w[triangle star polygon callout double_arrow curve].each_with_index do |name, index|
      tool name
      x, y = 330 + index % 3 * 260, 170 + index / 3 * 200
      draw [ [ x, y ], [ x + 60, y + 40 ], [ x + 150, y + 110 ] ]
      eventually { items(@page).size == index + 1 }
      find(".typing[contenteditable=true]").send_keys(:escape) if name == "callout"
    end
    assert_equal %w[arrow callout curve polygon polygon star], items(@page).map(&:kind).sort
    assert_equal "both", items(@page, "arrow").first.data["heads"]
    tool "fill"
    click_button "Green fill", match: :first
    tap_at 660, 235
    eventually { items(@page, "star").first.data["fill"] == "#d9eee3" }
    tool "arrange"
    curve = items(@page, "curve").first
    tap_at(*on_screen(*middle(curve)))
    assert_selector "[data-handle=knot-1]", visible: :all
    before = curve.data["shares"]
    drag_handle "knot-1", 0, -60
    eventually { items(@page, "curve").first.data["shares"] != before }
    click_button "Look"
    assert_accessible context: "the looks of chosen things"
    click_button "Red line"
    eventually { items(@page, "curve").first.data["stroke"] == "#b3411d" }
    click_button "Dotted line"
    eventually { items(@page, "curve").first.data["dash"] == "dotted" }
  end

  test "ink begun at a ruler follows its edge" do
    tool "pen"
    click_button "Ruler"
    ruler = eventually { items(@page, "ruler").first }
    assert_selector "[data-edges]", visible: :all
    tool "pen"
    x, y = on_screen(ruler.data["x"] + 60, ruler.data["y"])
    draw Array.new(20) { |step| [ x + step * 12, y - 6 + (step.odd? ? 5 : -7) ] }
    stroke = eventually { items(@page, "ink").first }
    assert_operator stroke.data["height"], :<, 0.05
    assert_in_delta ruler.data["y"] - stroke.data["stroke_width"] / 2.0, stroke.data["y"], 0.05
  end

  test "on dark paper the usual pen is white, and a chosen colour stays what it was" do
    tool "pen"
    draw wave([ 420, 250 ], count: 10)
    eventually { items(@page, "ink").one? }
    @page.perform({ "verb" => "restyle", "set" => { "colour" => "#173a2c" } }, id: "dark", by: @owner)
    assert_selector "[data-ground] rect[fill='#173a2c']", visible: :all
    draw wave([ 420, 400 ], count: 10)
    eventually { items(@page, "ink").size == 2 }
    find(".tray [aria-label='Red']", match: :first).click
    draw wave([ 420, 550 ], count: 10)
    eventually { items(@page, "ink").size == 3 }
    assert_equal %w[#231a1e #ffffff #b3411d], items(@page, "ink").sort_by { |ink| ink.data["y"] }.map { |ink| ink.data["colour"] }
  end

  test "a teacher's own colour and width stay with the teacher" do
    tool "pen"
    find("input[aria-label='Mix a colour of your own']", visible: :all).execute_script("this.value = '#336699'; this.dispatchEvent(new Event('change', { bubbles: true }))")
    find("input[type=range]", match: :first).execute_script("this.value = 17; this.dispatchEvent(new Event('input', { bubbles: true }))")
    click_button "Keep this width"
    eventually { @owner.reload.preferences.values_at("colours", "stroke_widths") == [ [ "#336699" ], [ 17 ] ] }
    page.refresh
    tool "pen"
    click_button "Your width 17"
    click_button "Your colour #336699"
    draw wave([ 400, 300 ], count: 8)
    eventually { items(@page, "ink").first&.data&.values_at("colour", "stroke_width") == [ "#336699", 17 ] }
    click_button "Remove this colour"
    eventually { @owner.reload.preferences["colours"].empty? }
  end

  test "the side button and the second tip of a pen do what they are set to" do
    tool "pen"
    click_button "Pens, hands"
    assert_accessible context: "pens and hands"
    select "Pen", from: "Second tip of the pen: tool"
    find("#settings [data-close]").click
    with_button wave([ 350, 250 ], count: 8), button: 2, buttons: 2
    eventually { items(@page, "ink").first&.data&.fetch("opacity") == 0.42 }
    with_button wave([ 350, 350 ], count: 8), button: 5, buttons: 32
    eventually { items(@page, "ink").map { |ink| ink.data["colour"] }.include?("#b3411d") }
  end

  private

  def circle_at(x, y, radius: 60) = Array.new(41) { |step| [ x + radius * Math.cos(step * 0.157), y + radius * Math.sin(step * 0.157) * 1.03 ] }

  def middle(item) = Usher::Items.restore(item.data).then { |curve| Usher::Items::Curve.samples(curve.knots)[12] }

  # A pen with one of its buttons held, which the driver's own pen has not.
  def with_button(path, button:, buttons:)
    page.execute_script(<<~JS, path, button, buttons)
      const [path, button, buttons] = arguments, stage = document.getElementById("stage")
      stage.setPointerCapture = () => {}
      const send = (type, [clientX, clientY], more) => stage.dispatchEvent(new PointerEvent(type, { pointerId: 77, pointerType: "pen", pressure: 0.5, clientX, clientY, bubbles: true, cancelable: true, ...more }))
      send("pointerdown", path[0], { button, buttons })
      path.slice(1).forEach(place => send("pointermove", place, { button: -1, buttons }))
      send("pointerup", path.at(-1), { button, buttons: 0 })
    JS
  end
end
