require "application_system_test_case"

Chromium.register(:panel, touch: true)

# A wall panel that is touched. Chromium forgets about touch when a session is reset, so each test
# has a browser of its own.
class PanelTest < ApplicationSystemTestCase
  driven_by :panel

  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
    sign_in @owner
    open_board @lesson
  end

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

  test "a finger moves a thing in Use" do
    lay(@page, note("a"), note("b", x: 900))
    assert_selector "[data-kind=note]", count: 2, visible: :all
    tool "use"
    touch([ on_screen(200, 200), on_screen(220, 260), on_screen(240, 400) ])
    eventually { @page.items.reload.first.data["y"] > 250 }
  end
end
