require "test_helper"

class PeopleTest < ActionDispatch::IntegrationTest
  test "a teacher signs up, is signed in, and signs out" do
    sign_up
    assert_redirected_to root_path
    get root_path
    assert_select ".side-name", /Ivo Brand/
    delete session_path
    get root_path
    assert_redirected_to new_session_path
    post session_path, params: { email: "ivo@gullpoint.example", password: "spring tide today" }
    assert_redirected_to root_path
  end

  def sign_up(email = " IVO@gullpoint.example ", **more) = post(teacher_path, params: { teacher: { name: "Ivo Brand", email: email, password: "spring tide today" }, **more })

  test "what is missing is said, with what was typed still there" do
    post teacher_path, params: { teacher: { name: "", email: "ivo", password: "short" } }
    assert_response :unprocessable_entity
    assert_select "[role=alert]", /ten characters.*Tell us your name.*look like an email address/
    assert_select "input[value=ivo]"
    post teacher_path
    assert_response :redirect
  end

  test "wrong passwords are refused and after ten tries everything is" do
    owner = teacher
    10.times { post session_path, params: { email: owner.email, password: "not it, sorry" } }
    assert_response :unprocessable_entity
    sign_in owner
    assert_redirected_to new_session_path
    assert_match(/Too many tries/, flash[:alert])
  end

  test "sign-up is limited too" do
    11.times { |try| post teacher_path, params: { teacher: { name: "A", email: "a#{try}@b.example", password: "x" } } }
    assert_match(/Too many tries/, flash[:alert])
  end

  test "odd parameters do not break the door" do
    post session_path, params: { email: { a: 1 }, password: [ 1 ] }
    assert_response :unprocessable_entity
    get join_path(code: "x" * 500)
    assert_response :success
  end

  test "a changed password ends every older pass" do
    owner = teacher
    sign_in owner
    owner.update!(password: "another low tide")
    get root_path
    assert_redirected_to new_session_path
  end
end
