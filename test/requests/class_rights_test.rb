require "test_helper"

class ClassRightsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @sitting = sit(@lesson)
  end

  test "of a shape that is partly under a cover, and of a picture in which something was rubbed out, the class gets the rest alone" do
    owner = teacher
    page = lesson(owner).pages.first
    picture = picture_of(owner)
    lay(page, { "kind" => "ellipse", "id" => "oval", "x" => 100, "y" => 100, "width" => 400, "height" => 300, "fill" => "#1e6079" }, { "kind" => "cover", "id" => "lid", "x" => 300, "y" => 90, "width" => 260, "height" => 320 },
      { "kind" => "picture", "id" => "map", "x" => 800, "y" => 100, "width" => 400, "height" => 300, "picture" => picture.id })
    page.perform({ "verb" => "rub", "id" => "map", "path" => [ [ 900, 250 ], [ 1_100, 250 ] ], "radius" => 40 }, id: fresh, by: owner)
    sitting = sit(page.lesson)
    come_in(sitting)
    get seat_page_path
    oval = response.body[/<g id="item-oval".*?<\/g><\/g>/m]
    assert_no_match(/<ellipse/, oval)
    assert_operator oval.scan(/[ML](-?[\d.]+) /).flatten.map(&:to_f).max, :<, 200.1
    address = response.body[%r{/pictures/\d+/under/g[\w-]+}]
    get address
    assert_response :success
    get picture_path(picture)
    assert_response :not_found
  end

  test "a seat ends with the doors: opened again the same day the class has its code and seats; later the code is another" do
    come_in @sitting
    get seat_path
    assert_response :success
    @sitting.shut
    get seat_page_path
    assert_response :gone
    @sitting.open
    get seat_page_path
    assert_response :success
    @sitting.shut
    travel 13.hours
    code = @sitting.code
    @sitting.open
    assert_not_equal code, @sitting.code
    %w[page feed poll].each do |what|
      get "/seat/#{what}"
      assert_response :gone
    end
    get seat_path
    assert_select "body", /over|shut|left/i
  end

  test "locked doors keep new ones out and those who are in stay" do
    come_in @sitting
    sign_in_as_owner { patch lesson_sitting_path(@lesson), params: { locked: "true" } }
    get seat_page_path
    assert_response :success
    assert_no_difference("Seat.count") { post seat_path, params: { code: @sitting.code, name: "Rowan" } }
    assert_select "[role=alert]", /locked/
    sign_in_as_owner { patch lesson_sitting_path(@lesson), params: { locked: "false" } }
    assert_difference("Seat.count") { post seat_path, params: { code: @sitting.code, name: "Rowan" } }
  end

  test "a student who is sent out is gone with all that was left, and only that one" do
    quiz = activity(@lesson)
    card_on(@lesson.pages.first, quiz)
    child = come_in(@sitting)
    other = seat(@sitting, "Rowan")
    goes = [ child, other ].map { |one| quiz.deal(to: Participant.of(one)) }
    sign_in_as_owner { delete sitting_seat_path(@sitting, child, how: "forget") }
    assert_not Seat.exists?(child.id)
    assert_equal [ false, true ], goes.map { |go| Attempt.exists?(go.id) }
    get seat_page_path
    assert_redirected_to join_path
    sign_in_as_owner { delete lesson_seats_path(@lesson) }
    assert_equal 0, Seat.count + Attempt.count
  end

  test "what a late device missed is told as it is now: nothing that is covered, gone or on another page" do
    page = @lesson.pages.first
    mark = @sitting.device_feed.mark
    lay(page, note("secret", text: "Spring tide at noon"), note("plain", x: 700, text: "Boots"))
    lay(page, { "kind" => "cover", "id" => "lid", "x" => 50, "y" => 50, "width" => 500, "height" => 400 })
    come_in(@sitting)
    get seat_feed_path, params: mark
    assert_not_includes response.body, "Spring tide"
    assert_includes response.body, "Boots"
    numbers = JSON.parse(response.body).map { |message| message["n"] }
    assert_equal (mark[:n] + 1..@sitting.device_feed.mark[:n]).to_a, numbers
    assert_includes JSON.parse(response.body).flat_map { |message| message.dig("patch", "gone").to_a }, "secret"
    @sitting.turn_to(@lesson.pages.last)
    get seat_feed_path, params: mark
    assert_not_includes response.body, "Boots"
  end

  private

  # In a browser of their own.
  def sign_in_as_owner
    student = integration_session
    @integration_session = @browser ||= open_session { |browser| browser.post session_path, params: { email: @owner.email, password: World::PASSWORD } }
    yield
  ensure
    @integration_session = student
  end
end
