require "application_system_test_case"

class DeskTest < ApplicationSystemTestCase
  test "signing up, a first lesson, rename, duplicate, bin and back" do
    visit root_path
    assert_accessible
    click_link "Make an account"
    assert_accessible
    fill_in "Your name, as students know you", with: "Ivo Brand"
    fill_in "Email address", with: "ivo@gullpoint.example"
    fill_in "Password", with: "spring tide today"
    click_button "Make my account"
    assert_text "Your lessons will lie here"
    assert_accessible
    click_button "New lesson", match: :first
    assert_selector "#stage"
    assert_accessible
    find("[data-rename]").click
    find(".topbar-title input").send_keys "Knots", :enter
    eventually { Lesson.last.title == "Knots" }
    find("a[aria-label='To my lessons']").click

    assert_selector ".lesson-card .thumb img"
    menu "Rename, facts, folder"
    within("dialog[open]") do
      fill_in "Title", with: "Ropes"
      fill_in "Subject", with: "Maths"
      fill_in "Minutes", with: "45"
      fill_in "Folder", with: "Year 5"
      fill_in "Curriculum statement it serves", with: "Compare fractions of one length"
      fill_in "Notes for you; no class sees them", with: "Bring the long rope"
      click_button "Keep"
    end
    assert_selector ".lesson-card h3", text: "Ropes"
    assert_text "of 45 min"
    menu "Duplicate"
    assert_selector ".lesson-card h3", text: "Ropes (copy)"
    fill_in "q", with: "nothing like it"
    assert_text "No lesson has “nothing like it”"
    fill_in "q", with: "long rop"
    assert_selector ".found", count: 2, text: "Bring the long rope"
    visit root_path
    click_link "Year 5"
    assert_selector "h2", text: "Year 5"
    assert_selector ".lesson-card", count: 2
    assert_accessible
    visit root_path
    menu "Put in the bin"
    assert_text "is in the bin for 30 days"
    click_link "Bin"
    assert_accessible
    click_button "Back to my desk"
    assert_selector ".lesson-card", count: 2
    assert_accessible
  end

  test "a search finds any word on a page and shows that page; facts are changed from the board too" do
    owner = teacher
    lesson = lesson(owner, pages: 3)
    lay(lesson.pages.second, note("n1", text: "The causeway floods twice a day"))
    sign_in owner
    fill_in "q", with: "causew flood"
    assert_selector ".found", text: "Page 2", count: 1
    assert_selector ".found mark", text: "causeway"
    assert_accessible context: "search"
    find(".found-link").click
    assert_selector ".page-tab[aria-current]", text: "2"
    click_button "Facts and notes"
    within("#facts-sheet") do
      fill_in "Title", with: "Ebb and flow"
      fill_in "Minutes", with: "40"
      click_button "Keep"
    end
    assert_selector "[data-rename]", text: "Ebb and flow"
    assert_text "15 of 40 min planned"
    assert_equal [ "Ebb and flow", 40 ], [ lesson.reload.title, lesson.length ]
  end

  test "an activity is made from a pasted table, looked at and put on the page" do
    owner = teacher
    lesson = lesson(owner)
    sign_in owner
    open_board lesson
    click_button "Activity"
    find(".maker-kind", text: "Sort into groups").click
    fill_in "Title", with: "Safe or wait?"
    page.execute_script(<<~JS)
      const data = new DataTransfer(); data.setData("text/plain", "11:30\\tSafe\\n05:45\\tWait\\n12:40\\tsafe")
      document.querySelector("#maker tbody input").dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }))
    JS
    assert_field with: "Safe"
    assert_accessible
    click_button "Look at it"
    assert_selector ".player"
    assert_accessible
    click_button "Put it on the page"
    assert_selector "[data-kind=activity]", visible: :all
    assert_equal [ %w[11:30 12:40], %w[05:45] ], lesson.activities.sole.content["groups"].map { |group| group["tiles"].map { |tile| tile["text"] } }
  end

  test "the takes room says what it is for" do
    sign_in teacher
    click_link "Takes"
    assert_text "No takes yet"
    assert_accessible
  end

  private

  def menu(words)
    find(".lesson-card", match: :first).find("[aria-label^=More]").click
    within(find(".menu", visible: true)) { click_on words }
  end
end
