require "application_system_test_case"

# Who sees what: the room, a student's device, and the teacher looking as either of them.
class SeenByTest < ApplicationSystemTestCase
  setup do
    start_at_board
    lay(@page, note("answer", text: "Six hours", x: 300, y: 200), note("mine", text: "Ask Rowan", x: 900, audience: "room"), note("theirs", text: "Write it down", x: 900, y: 450, audience: "devices"),
      { "kind" => "cover", "id" => "patch", "x" => 280, "y" => 180, "width" => 360, "height" => 260 })
  end

  test "a device gets what is for it, and what a cover hid when the cover is off; a spotlight is seen there too" do
    open_board @lesson, teach: true
    assert_text "Ask Rowan"
    assert_no_text "Write it down"
    at(:phone) do
      visit join_path(code: sit(@lesson).code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_text "Write it down"
      [ "Six hours", "Ask Rowan" ].each { |words| assert_not_includes page.html, words }
    end
    tap_at(*on_screen(450, 300))
    at(:phone) { assert_text "Six hours" }
    click_button "Colours, widths and more"
    click_button "Spotlight"
    at(:phone) { assert_selector "[data-dim][visibility=visible]", visible: :all }
    click_button "Reset"
    at(:phone) do
      assert_no_text "Six hours"
      assert_not_includes page.html, "Six hours"
    end
  end

  test "a device that comes in late, or reloads, is in the spotlight too, and a page turn ends it everywhere" do
    @lesson.add_page
    open_board @lesson, teach: true
    click_button "Colours, widths and more"
    click_button "Spotlight"
    at(:phone) do
      visit join_path(code: sit(@lesson).code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      2.times do
        assert_selector "[data-dim][visibility=visible]", visible: :all
        page.refresh
      end
      assert_selector "[data-dim][visibility=visible]", visible: :all
    end
    find(".bar-next").click
    assert_no_selector "#glass .glass", visible: :all
    at(:phone) do
      assert_no_selector "[data-dim][visibility=visible]", visible: :all
      assert_selector "#spoken", text: "Your teacher has turned the page.", visible: :all
    end
  end

  test "a thing on a device opens its link; pages are turned by the teacher" do
    lay(@page, note("link", text: "Tides", x: 200, y: 600, link: { "to" => "address", "address" => "https://gullpoint.example/tides" }), note("page", text: "Next", x: 700, y: 620, link: { "to" => "page", "page" => @page.id }))
    at(:phone) do
      visit join_path(code: sit(@lesson).code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_selector "#item-link"
      page.execute_script("window.open = (...asked) => document.body.dataset.opened = asked.join()")
      find("#item-link").click
      assert_selector "body[data-opened='https://gullpoint.example/tides,_blank,noopener,noreferrer']"
      find("#item-page").click
      assert_text "Your teacher turns the pages here."
    end
  end

  test "the teacher looks as the room and as a device sees it" do
    open_board @lesson
    look = -> { %w[answer mine theirs].select { |id| page.evaluate_script("getComputedStyle(document.getElementById('item-#{id}')).display") != "none" } }
    assert_equal %w[answer mine theirs], look.call
    find(".topbar .seen-as select").select("As the room")
    assert_equal %w[answer mine], look.call
    find(".topbar .seen-as select").select("As a device")
    assert_equal %w[theirs], look.call
  end

  test "two hands at two boards move the same thing: it lies where the last one let go, and they are told" do
    open_board @lesson
    tool "arrange"
    at(:laptop) do
      sign_in @owner
      open_board @lesson
      tool "arrange"
    end
    from = on_screen(1050, 200)
    draw [ from, [ from[0] + 20, from[1] ] ], hold: true
    at(:laptop) { draw [ from, [ from[0], from[1] + 60 ], [ from[0] + 10, from[1] + 120 ] ] }
    eventually { place("mine")[1] > 250 }
    assert_selector "#item-mine[data-seq='2']", visible: :all
    draw_on [ from[0] - 200, from[1] ]
    lift [ from[0] - 200, from[1] ]
    eventually { place("mine")[0] < 700 }
    assert_in_delta 100, place("mine")[1], 3, "where the hand that let go last had it"
    assert_text "Somebody else moved that at the same time."
  end

  private

  def place(key) = @page.items.reload.find_by(key: key).data.values_at("x", "y")

  def draw_on((x, y)) = cdp("Input.dispatchMouseEvent", type: "mouseMoved", x: x, y: y, button: "left", buttons: 1)
end
