require "application_system_test_case"

# Who is in the class is the teacher's to say.
class ClassRightsSystemTest < ApplicationSystemTestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
  end

  test "a student who is sent out stands at the door, and nobody comes in while it is locked" do
    sign_in @owner
    open_board @lesson, teach: true
    click_button "Open the doors"
    code = find(".doors-big").text
    at(:phone) { come_in_with code }
    find("summary", text: "Names and results").click
    assert_text "Juniper"
    click_button "Lock: nobody new comes in"
    assert_button "Let new ones in again"
    find("summary", text: "Names and results").click
    click_button "Juniper: rights, name, send out"
    within(".seat-card") { click_button "Send out for now" }
    assert_text "(sent out)"
    at(:phone) do
      assert_text "Code from the board"
      fill_in "Code from the board", with: code
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_text "The doors are locked just now"
    end
    click_button "Let new ones in again"
    assert_button "Lock: nobody new comes in"
    at(:phone) do
      click_button "Come in"
      assert_text "You are in as Juniper"
    end
    click_button "Shut the doors"
    at(:phone) { assert_no_text "You are in as Juniper" }
  end

  test "signing out everywhere else ends what is open there" do
    sign_in @owner
    at(:laptop) do
      sign_in @owner
      open_board @lesson
    end
    visit account_path
    assert_selector ".panel-list li", count: 2
    click_button "Sign out everywhere else"
    assert_text "Signed out everywhere else."
    assert_accessible
    at(:laptop) do
      page.refresh
      assert_text "Forgot your password?"
    end
  end

  private

  def come_in_with(code)
    visit join_path
    fill_in "Code from the board", with: code
    fill_in "Your name", with: "Juniper"
    click_button "Come in"
    assert_text "You are in as Juniper"
  end
end
