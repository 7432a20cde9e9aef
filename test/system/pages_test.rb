require "application_system_test_case"

# A long lesson: all pages at a glance, several at once, to another lesson and back; finding one's way on
# a page that is larger than the screen.
class PagesTest < ApplicationSystemTestCase
  test "several pages are ordered, duplicated without ink, deleted and fetched back" do
    start_at_board
    lay(@page, { "kind" => "ink", "id" => "ink", "points" => [ [ 10, 10, nil, 0 ], [ 90, 90, nil, 40 ] ] }, note("n1"))
    4.times { @lesson.add_page }
    open_board @lesson
    ids = @lesson.pages.reload.map(&:id)
    click_button "All pages", match: :first
    assert_selector "#page-grid .grid-page", count: 5
    assert_selector "#page-grid", text: "Tap pages to choose them"
    tap ids[0]
    find("#page-grid [data-page='#{ids[1]}']").click(:shift)
    assert_text "2 of 5 chosen"
    click_button "Later"
    eventually { order == [ ids[2], ids[0], ids[1], ids[3], ids[4] ] }
    assert_selector "#page-grid .grid-page:nth-child(2)[aria-pressed=true]"
    tap ids[1]
    click_button "Duplicate without ink"
    eventually { @lesson.pages.reload.size == 6 }
    assert_equal [ "note" ], @lesson.pages.find_by(position: 3).items.pluck(:kind)
    click_button "Delete"
    eventually { order.exclude?(ids[0]) }
    click_button "Put back"
    eventually { order.include?(ids[0]) }
    assert_selector "#page-grid .grid-page", count: 6
    assert_accessible context: "all pages"
    find("#page-grid [data-page='#{ids[3]}']").send_keys [ :alt, :arrow_left ]
    eventually { order.index(ids[3]) < order.index(ids[1]) || order.index(ids[3]) == 3 }
    find("#page-grid [data-page='#{ids[4]}']").double_click
    assert_no_selector "#page-grid[open]"
    assert_selector ".page-tab[data-page='#{ids[4]}'][aria-current]"
  end

  test "a deleted page comes back by undo, or from the bin" do
    start_at_board
    2.times { @lesson.add_page }
    second = @lesson.pages.reload.second
    lay(second, note("n", text: "Slack water"))
    open_board @lesson
    find(".page-tab[data-page='#{second.id}']").click
    assert_selector "#item-n", visible: :all
    delete_page
    assert_selector ".page-tab", count: 2
    find("#stage").send_keys [ :control, "z" ]
    assert_selector ".page-tab", count: 3
    assert_selector "#item-n", visible: :all
    assert_equal [ 3, 1 ], [ @lesson.pages.reload.size, @lesson.pages.index(second) ]
    delete_page
    assert_selector ".page-tab", count: 2
    visit bin_path
    assert_text "Slack water"
    assert_accessible context: "the bin"
    click_button "Back to its lesson"
    assert_selector "#item-n", visible: :all
    assert_equal 3, @lesson.pages.reload.size
  end

  test "a page is moved to another lesson with its activity, and can be put back" do
    start_at_board
    card_on(@page, activity(@lesson))
    @lesson.add_page
    other = Lesson.start(teacher: @owner, title: "Ropes")
    open_board @lesson
    click_button "All pages", match: :first
    tap @page.id
    select "Ropes", from: "Another lesson"
    click_button "Move there"
    assert_text "The page is moved to the end of “Ropes”."
    eventually { other.pages.reload.size == 2 && @lesson.pages.reload.one? }
    assert_equal [ other ], other.pages.last.items.map { |item| item.activity.lesson }
    click_button "Put back"
    eventually { @lesson.pages.reload.size == 2 }
  end

  test "zoomed in, a map shows where one is; dragging it moves the view, two taps on the ground show all again" do
    start_at_board
    tool "use"
    assert_no_selector "#overview"
    4.times { click_button "Closer" }
    assert_selector "#overview"
    left = -> { on_screen(0, 0)[0] }
    before = left.call
    find("#overview").click(x: 60, y: 30)
    eventually { left.call < before - 50 }
    find("#overview").send_keys :arrow_left
    eventually { left.call > before - 2_000 }
    2.times { tap_at 700, 620 }
    assert_no_selector "#overview"
  end

  test "spotlight and magnifier: shown, moved and resized by keys and hand, and put away" do
    start_at_board
    lay(@page, note("n1", text: "Low water"))
    assert_selector "#item-n1", visible: :all
    find(".tray").click_button "Spotlight"
    assert_selector "#glass .glass", visible: :all
    form = -> { page.evaluate_script("document.querySelector('#glass [data-part=rim]').getAttribute('d')") }
    was = form.call
    page.driver.browser.action.send_keys(:arrow_right).send_keys("s").perform
    eventually { form.call != was && form.call.include?("H") }
    page.driver.browser.action.send_keys(:escape).perform
    assert_no_selector "#glass .glass", visible: :all
    find(".tray").click_button "Magnify"
    assert_selector "#glass use", visible: :all
    middle = page.evaluate_script("(() => { const r = document.querySelector('#glass .glass-inside').getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2] })()")
    draw [ middle, [ middle[0] - 40, middle[1] - 40 ], [ middle[0] - 120, middle[1] - 100 ] ]
    moved = page.evaluate_script("document.querySelector('#glass .glass-inside').getBoundingClientRect().x")
    assert_operator moved, :<, middle[0] - 150
    find("#stage").send_keys :escape
    assert_no_selector "#glass .glass", visible: :all
    assert_empty items(@page, "ink")
  end

  private

  def delete_page
    click_button "Page"
    click_button "Delete page"
  end

  def tap(id) = find("#page-grid [data-page='#{id}']").click
  def order = @lesson.pages.reload.map(&:id)
end
