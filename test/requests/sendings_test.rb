require "test_helper"

# Activities go from a board to the devices.
class SendingsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @made = activity(@lesson)
    @sitting = sit(@lesson)
    sign_in @owner
  end

  test "to all: also to who comes later, and it need not lie on the page" do
    heard = @sitting.device_feed.mark[:n]
    post activity_sendings_path(@made, sitting: @sitting.id)
    assert_match(/Sent to all/, response.body)
    assert_includes @sitting.device_feed.since(Live::Feed::FROM, heard).join, %("sent":true)
    late = come_in(@sitting)
    get seat_sending_path
    assert_select "[data-sent][data-play='#{@made.id}']", text: /#{Regexp.escape(@made.title)}/
    post activity_attempts_path(@made, as: "seat")
    assert_response :success
    assert_equal late, Attempt.last.participant.seat
  end

  test "to some, and to nobody else" do
    chosen, other = seat(@sitting, "Juniper"), seat(@sitting, "Rowan")
    post activity_sendings_path(@made, sitting: @sitting.id, some: 1, seats: [ chosen.id ], part: "list")
    assert_match(/Sent to 1 student/, response.body)
    assert_equal [ [ @made.id ], [] ], [ chosen, other ].map { |seat| Sending.to(seat).map(&:activity_id) }
    assert Access::Student.new(chosen).activities.exists?(@made.id)
    assert_not Access::Student.new(other).activities.exists?(@made.id)
  end

  test "the device's page has it already, and what is asked and the tools, as far as they are for this seat" do
    seat = come_in(@sitting)
    seat(@sitting, "Rowan").then { |rowan| Handout.out(@sitting, { "page" => @lesson.pages.first.id }, seats: [ rowan.id ]) }
    get seat_path
    assert_select "#sent-place:empty, #poll-place:empty, #tools-place:empty", 3
    Poll.ask(@sitting, "yes_no", {}, question: "Is the tide out?")
    Sending.out(@made, @sitting, seats: [ seat.id ])
    ClassTool.put_up(@sitting, "dice", {}).place({ shown: true })
    get seat_path
    assert_select "#poll-place h2", "Is the tide out?"
    assert_select "#sent-place [data-sent][data-play='#{@made.id}']"
    assert_select "#tools-place .plaque"
  end

  test "another one takes its place, it is taken back, and shut doors end it; who plays plays on" do
    juniper = seat(@sitting, "Juniper")
    Sending.out(@made, @sitting)
    go = @made.deal(to: Participant.of(juniper))
    Sending.out(other = activity(@lesson), @sitting)
    assert_equal [ other.id ], Sending.to(juniper).map(&:activity_id)
    assert Access::Student.new(juniper).attempts.exists?(go.id)
    delete activity_sendings_path(other, sitting: @sitting.id)
    assert_match(/Send to all devices/, response.body)
    assert_empty Sending.to(juniper)
    Sending.out(@made, @sitting)
    @sitting.shut
    assert_empty Sending.to(juniper)
  end

  test "who is where" do
    juniper, rowan = seat(@sitting, "Juniper"), seat(@sitting, "Rowan")
    Sending.out(@made, @sitting)
    get activity_sendings_path(@made, sitting: @sitting.id)
    assert_match(/Nobody has begun/, response.body)
    go = @made.deal(to: Participant.of(juniper))
    go.play.deal.names.each { |name| place(go, name) }
    @made.deal(to: Participant.of(rowan))
    get activity_sendings_path(@made, sitting: @sitting.id)
    assert_match(/1 playing, 1 done/, response.body)
    assert_no_match(/Juniper/, response.body, "no names unless they are asked for")
    get activity_sendings_path(@made, sitting: @sitting.id, part: "names")
    assert_match(/Juniper.*✓ 4 of 4/m, response.body)
    assert_match(/Rowan.*0 of 4 answered/m, response.body)
  end

  test "what does not go is said and sends nothing" do
    elsewhere = seat(sit(lesson(teacher("Ivo"))))
    assert_no_difference -> { Sending.count } do
      post activity_sendings_path(@made, sitting: @sitting.id, some: 1), headers: { "HX-Request" => "true" }
      assert_match(/Choose who gets it/, response.body)
      post activity_sendings_path(@made, sitting: @sitting.id, some: 1, seats: [ elsewhere.id ]), headers: { "HX-Request" => "true" }
      assert_match(/Choose who gets it/, response.body)
      @sitting.shut
      post activity_sendings_path(@made, sitting: @sitting.id), headers: { "HX-Request" => "true" }
      assert_match(/Open the doors first/, response.body)
      post activity_sendings_path(@made, sitting: elsewhere.sitting_id)
      assert_response :not_found
      post activity_sendings_path(@made, sitting: "x")
      assert_response :not_found
    end
  end
end
