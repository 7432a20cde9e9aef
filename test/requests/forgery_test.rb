require "test_helper"

# With forgery protection on, as in production.
class ForgeryTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @page = lesson(@owner).pages.first
    sign_in @owner
    ActionController::Base.allow_forgery_protection = true
  end

  teardown { ActionController::Base.allow_forgery_protection = false }

  test "a board without a valid token is told so, and the same is kept once it has one" do
    operate(@page, { verb: "put", items: [ note("n1") ] }, id: "once")
    assert_response :forbidden
    assert_match(/open for too long/, answer["error"])
    assert_empty @page.items
    get lesson_path(@page.lesson)
    token = css_select("meta[name=csrf-token]").first["content"]
    post page_operations_path(@page), params: { operations: [ { id: "once", operation: { verb: "put", items: [ note("n1") ] } } ] }.to_json,
      headers: { "Content-Type" => "application/json", "Accept" => "application/json", "X-CSRF-Token" => token }
    assert_response :success
    assert_equal 1, @page.items.count
  end

  test "a form from elsewhere does nothing" do
    delete lesson_path(@page.lesson)
    assert_not @page.lesson.reload.binned?
  end
end
