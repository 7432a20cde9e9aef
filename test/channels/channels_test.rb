require "test_helper"

class BoardChannelTest < ActionCable::Channel::TestCase
  tests BoardChannel

  setup do
    @lesson = lesson
    @owner = @lesson.teacher
    @page = @lesson.pages.first
  end

  test "a teacher follows the own lesson and nobody else's" do
    stub_connection teacher: @owner, seat: nil
    subscribe lesson: @lesson.id
    assert subscription.confirmed?
    perform :mark
    assert_equal({ "mark" => @lesson.board_feed.mark.stringify_keys }, transmissions.last)
    stub_connection teacher: teacher("Ivo"), seat: nil
    subscribe lesson: @lesson.id
    assert subscription.rejected?
    stub_connection teacher: nil, seat: seat(sit(@lesson))
    subscribe lesson: @lesson.id
    assert subscription.rejected?
  end

  test "wet ink goes to the devices of the page they look at, checked" do
    sit(@lesson)
    sit(@lesson)
    stub_connection teacher: @owner, seat: nil
    subscribe lesson: @lesson.id
    before = @lesson.sitting.device_feed.mark[:n]
    ink = { "page" => @page.id, "id" => "s1", "colour" => "#1e6079", "stroke_width" => 6, "start" => 0, "nib" => "lively", "opacity" => 1, "points" => [ [ 1, 2, nil, 0 ], [ 3, 4, 0.5, 16 ] ] }
    perform :wet, ink
    perform :wet, ink.merge("page" => @page.id + 99)
    assert_equal before + 1, @lesson.sitting.device_feed.mark[:n]
    assert_equal [ [ 1.0, 2.0, nil, 0 ], [ 3.0, 4.0, 0.5, 16 ] ], JSON.parse(@lesson.sitting.device_feed.since(Live::Feed::FROM, before).sole).dig("wet", "points")
    [ { "points" => [] }, { "points" => [ [ 1, "x" ] ] }, { "points" => [ [ 0, 0 ] ] * 121 }, { "colour" => "red" }, { "stroke_width" => 1e9 }, { "nib" => "feather" }, { "opacity" => 0 }, { "id" => "<b>" }, { "start" => -1 }, { "page" => "x" } ].each do |bad|
      perform :wet, ink.merge(bad)
      assert transmissions.last["refused"], bad.inspect
    end
    assert_equal before + 1, @lesson.sitting.device_feed.mark[:n]
  end

  test "ink in the wings stays with the boards; a stroke that comes onto the page is told from its beginning" do
    sit(@lesson)
    stub_connection teacher: @owner, seat: nil
    subscribe lesson: @lesson.id, sitting: @lesson.sitting.id
    devices, wall = @lesson.sitting.device_feed, @lesson.sitting.wall_feed
    before, there = devices.mark[:n], wall.mark[:n]
    ink = { "page" => @page.id, "id" => "s1", "colour" => "#1e6079", "stroke_width" => 6, "start" => 0, "points" => Array.new(100) { |n| [ -400 + n, 50 ] } }
    perform :wet, ink
    perform :wet, ink.merge("start" => 100, "points" => Array.new(100) { |n| [ -300 + n, 50 ] })
    assert_equal [ before, there + 2 ], [ devices.mark[:n], wall.mark[:n] ]
    perform :wet, ink.merge("start" => 200, "points" => [ [ 10, 50 ], [ 20, 50 ] ])
    told = devices.since(Live::Feed::FROM, before).map { |frame| JSON.parse(frame)["wet"] }
    assert_equal [ [ 0, 120 ], [ 120, 82 ] ], told.map { |wet| [ wet["start"], wet["points"].size ] }
    perform :wet, ink.merge("start" => 202, "points" => [ [ 30, 50 ] ])
    assert_equal 202, JSON.parse(devices.since(Live::Feed::FROM, before).last).dig("wet", "start")
    perform :wet, ink.merge("id" => "s2")
    assert_equal before + 3, devices.mark[:n]
  end

  test "the spotlight is told in page units, or that it is off; what is no spotlight is refused" do
    sit(@lesson)
    stub_connection teacher: @owner, seat: nil
    subscribe lesson: @lesson.id
    before = @lesson.sitting.device_feed.mark[:n]
    perform :light, { "at" => [ 800.4, 450 ], "size" => [ 200, 120 ], "round" => true }
    perform :light, {}
    [ { "at" => [ 1 ] }, { "at" => [ 1, 2 ], "size" => "large" }, { "at" => [ 1, 2 ], "size" => [ 3, 4 ], "round" => "yes" } ].each { |data| perform :light, data }
    assert_equal [ { "at" => [ 800, 450 ], "size" => [ 200, 120 ], "round" => true }, {} ], @lesson.sitting.device_feed.since(Live::Feed::FROM, before).map { |frame| JSON.parse(frame)["light"] }
  end

  test "the pointer is told in page units, or that it has gone" do
    sit(@lesson)
    stub_connection teacher: @owner, seat: nil
    subscribe lesson: @lesson.id
    before = @lesson.sitting.device_feed.mark[:n]
    perform :pointer, { "x" => 10.4, "y" => 20 }
    perform :pointer, {}
    perform :pointer, { "x" => "everywhere", "y" => 3 }
    assert_equal [ { "at" => [ 10, 20 ] }, { "at" => nil } ], @lesson.sitting.device_feed.since(Live::Feed::FROM, before).map { |frame| JSON.parse(frame)["pointer"] }
    assert transmissions.last["refused"]
  end
end

class DeviceChannelTest < ActionCable::Channel::TestCase
  tests DeviceChannel

  setup do
    @sitting = sit(lesson)
    @seat = seat(@sitting)
  end

  test "a seat is here while it is connected, also in two tabs" do
    stub_connection teacher: nil, seat: @seat
    subscribe
    assert @seat.reload.here?
    @seat.arrive
    unsubscribe
    assert @seat.reload.here?
    @seat.leave
    @seat.leave
    assert_not @seat.reload.here?
  end

  test "nobody follows through shut doors or without a seat" do
    stub_connection teacher: teacher, seat: nil
    subscribe
    assert subscription.rejected?
    @sitting.shut
    stub_connection teacher: nil, seat: @seat.reload
    subscribe
    assert subscription.rejected?
    assert_not @seat.reload.here?
  end

  test "with the doors a device's socket ends, and nothing more comes" do
    stub_connection teacher: nil, seat: @seat
    frames, ended = [], 0
    connection.define_singleton_method(:forward) { |frame| frames << frame }
    connection.define_singleton_method(:finish) { ended += 1 }
    subscribe
    subscription.send(:forward, %({"text":"\\"shut\\":true}"}))
    assert_equal 0, ended
    subscription.send(:forward, JSON.generate(from: "x", n: 1, shut: true))
    assert_equal [ 2, 1 ], [ frames.size, ended ]
    assert_no_streams
  end

  test "an answer is kept over the socket and told back by its number; what cannot be taken is left for a request" do
    stub_connection teacher: nil, seat: @seat
    subscribe
    poll = Poll.ask(@sitting, "letters", { "count" => "3" })
    answer = ->(data) { perform(:answer, data) && transmissions.last["answered"] }
    assert_equal({ "number" => 1, "said" => poll.kept }, answer.(poll: poll.id, choice: "A", number: 1))
    assert_equal({ "number" => 2, "said" => poll.kept }, answer.(poll: poll.id, choice: "B", number: 2))
    elsewhere = Poll.ask(sit(lesson), "letters", { "count" => "3" })
    [ { choice: "D" }, { choice: [ [ "A" ] ] }, { choice: 1 }, { choice: nil }, { choice: { "a" => 1 } }, {}, { poll: elsewhere.id, choice: "A" }, { poll: poll.id.to_s, choice: "A" }, { poll: 10**30, choice: "A" }, { poll: nil, choice: "A" } ].each do |bad|
      assert_equal({ "number" => 3 }, answer.({ poll: poll.id, number: 3, **bad }), bad.inspect)
    end
    assert_no_difference(-> { transmissions.size }) { perform :answer, { poll: poll.id, choice: "A", number: "1" } }
    assert_equal [ [ [ @seat.id, "B" ] ], 0 ], [ poll.answers.pluck(:seat_id, :value), elsewhere.answers.count ]
  end

  test "no more answers are taken from one device than a hand gives" do
    stub_connection teacher: nil, seat: @seat
    subscribe
    poll = Poll.ask(@sitting, "letters", { "count" => "3" })
    said = Array.new(DeviceChannel::MOST + 5) { |number| perform(:answer, { poll: poll.id, choice: "ABC"[number % 3], number: number }) && transmissions.last["answered"]["said"] }
    assert_equal DeviceChannel::MOST, said.compact.size
    assert_equal [ "B" ], poll.answers.pluck(:value)
    subscription.instance_variable_get(:@answers).map! { |at| at - DeviceChannel::SPAN }
    perform :answer, { poll: poll.id, choice: "C", number: 99 }
    assert_equal poll.kept, transmissions.last["answered"]["said"]
  end

  test "no answer comes over the socket that a request would not take: closed, without a name, for others, not allowed" do
    stub_connection teacher: nil, seat: @seat
    connection.define_singleton_method(:forward) { |_| }
    subscribe
    answer = ->(poll) { perform(:answer, { poll: poll.id, choice: "A", number: 1 }) && transmissions.last["answered"] }
    anonymous = Poll.ask(@sitting, "letters", { "count" => "3" }, anonymous: true)
    others = Poll.ask(@sitting, "letters", { "count" => "3" }, seats: [ seat(@sitting, "Rowan").id ])
    closed = Poll.ask(@sitting, "letters", { "count" => "3" }).tap(&:close)
    [ anonymous, others, closed ].each { |poll| assert_equal({ "number" => 1 }, answer.(poll)) }
    open = Poll.ask(@sitting.reload, "letters", { "count" => "3" })
    @sitting.allow(%w[point])
    subscription.send(:forward, JSON.generate(n: 1, rights: %w[point]))
    assert_equal({ "number" => 1 }, answer.(open))
    assert_equal 0, Answer.count
    assert_empty anonymous.reload.answered
  end

  test "who is sent out hears of it alone" do
    other = seat(@sitting, "Rowan")
    [ [ @seat, true ], [ other, false ] ].each do |one, out|
      frame = Live::Feed.unpack(Live::Feed.pack(JSON.generate(n: 1, shut: true), address: @seat.address, stub: JSON.generate(n: 1)), [ one.address ])
      assert_equal out, frame.end_with?(Sitting::SHUT)
    end
    before = @sitting.device_feed.mark
    @seat.forget
    told = [ @seat, other ].map { |one| JSON.parse(@sitting.device_feed.since(before[:from], before[:n], addresses: [ one.address ]).last)["shut"] }
    assert_equal [ true, nil ], told
  end

  test "a device that falls behind is held, and starts afresh once it has come up" do
    stub_connection teacher: nil, seat: @seat
    frames = []
    connection.define_singleton_method(:forward) { |frame| frames << frame }
    subscribe
    behind = ApplicationCable::Channel::BEHIND
    publish = ->(word) { subscription.send(:forward, %({"word":"#{word}"})) }
    (behind * 2).times { publish.call("ebb") }
    assert_equal behind, frames.size
    perform :seen, count: behind / 2
    assert_empty transmissions
    perform :seen, count: 10_000
    assert_equal({ "fresh" => true }, transmissions.last)
    publish.call("flood")
    assert_equal behind + 1, frames.size
    assert_equal "flood", JSON.parse(frames.last).dig("message", "word")
  end
end

class ConnectionTest < ActionCable::Connection::TestCase
  tests ApplicationCable::Connection

  def assert_until(&block)
    100.times { block.call ? break : sleep(0.02) }
    assert block.call
  end

  test "what a browser says is done in the order it was said, whatever the worker pool does" do
    cookies.signed[:seat] = seat(sit(lesson)).token
    connect
    done = []
    connection.define_singleton_method(:dispatch_websocket_message) { |message| sleep(0.002 * rand) && done << message }
    connection.define_singleton_method(:send_async) { |method| (@threads ||= []) << Thread.new { send(method) } }
    connection.instance_exec { @inbox = ApplicationCable::Inbox.new }
    60.times { |number| connection.receive(number.to_s) }
    connection.instance_variable_get(:@threads).each(&:join)
    assert_equal (0...60).map(&:to_s), done
  end

  test "how far a device has come is taken at once, past what waits; nothing else overtakes" do
    cookies.signed[:seat] = seat(sit(lesson)).token
    connect
    done, asked = [], 0
    connection.instance_exec { @inbox = ApplicationCable::Inbox.new }
    connection.define_singleton_method(:dispatch_websocket_message) { |message| done << message }
    connection.define_singleton_method(:send_async) { |_| asked += 1 }
    say = ->(data) { { command: "message", identifier: { channel: "DeviceChannel" }.to_json, data: data.to_json }.to_json }
    connection.receive(say.(action: "seen", count: 40))
    [ { action: "pointer", x: 1 }, { action: "seen", count: "40" }, { action: "seen", count: 40, more: 1 }, { action: "wet", id: "seen" } ].each { |data| connection.receive(say.(data)) }
    assert_equal [ [ say.(action: "seen", count: 40) ], 1 ], [ done, asked ]
  end

  test "who says all the time how far they have come floods too" do
    cookies.signed[:seat] = seat(sit(lesson)).token
    connect
    done = finished = 0
    connection.instance_exec { @inbox = ApplicationCable::Inbox.new }
    connection.define_singleton_method(:dispatch_websocket_message) { |_| done += 1 }
    connection.define_singleton_method(:finish) { finished += 1 }
    1_300.times { connection.receive({ command: "message", identifier: "x", data: { action: "seen", count: 1 }.to_json }.to_json) }
    assert_operator done, :<, 1_300
    assert_equal 1_300, done + finished
  end

  test "a socket ends with the sign-in it came in by" do
    owner = teacher
    cookies.signed[:teacher] = SignIn.start(owner, ActionDispatch::TestRequest.create)
    connect
    ended = 0
    connection.define_singleton_method(:close) { |**| ended += 1 }
    owner.sign_ins.first.destroy
    assert_until { ended == 1 }
    connection.disconnect
    Live::Ends.of(owner.sign_ins.new { |one| one.id = 99 })
    assert_equal 1, ended
  end

  test "who floods, or sends what is far too large, is not listened to any more" do
    inbox, asked = ApplicationCable::Inbox.new, 0
    taken = Array.new(1_200) { inbox.take("{}") { asked += 1 } }
    assert_equal [ 1, true, false ], [ asked, taken.first, taken.last ]
    done = 0
    inbox.work { done += 1 }
    assert_equal taken.count(true), done
    assert_not ApplicationCable::Inbox.new.take("x" * 300_000) { flunk }
    calm = ApplicationCable::Inbox.new
    5.times { assert calm.take("{}") { nil } }
  end

  test "only who has a pass is connected" do
    assert_reject_connection { connect }
    cookies.signed[:seat] = "made up"
    assert_reject_connection { connect }
    place = seat(sit(lesson))
    cookies.signed[:seat] = place.token
    connect
    assert_equal [ nil, place ], [ connection.teacher, connection.seat ]
  end
end

class FollowersTest < ActiveSupport::TestCase
  test "who follows is looked up once, and anew after something has changed" do
    lesson = lesson()
    sitting = sit(lesson)
    known = Live::Followers.of(lesson.id)
    assert_same known, Live::Followers.of(lesson.id)
    sitting.update!(shut_at: Time.current)
    Live::Followers.forget(lesson.id)
    assert_equal known.size - 1, Live::Followers.of(lesson.id).size
  end

  test "ink, pointers and what is for somebody else change nothing; all else may" do
    head = %({"from":"abc","n":4)
    assert [ %(#{head}}), %(#{head},"wet":{"id":"x"}}), %(#{head},"pointer":{}}) ].all? { |frame| Live::Feed.passing?(frame) }
    assert [ %(#{head},"turn":3}), %(#{head},"patch":{"text":"\"wet\":"}}), %(#{head},"rights":["wet"]}) ].none? { |frame| Live::Feed.passing?(frame) }
  end
end

class FrameTest < ActiveSupport::TestCase
  test "the heartbeat is Action Cable's, and made once a second" do
    assert_equal({ "type" => "ping", "message" => 7 }, JSON.parse(ApplicationCable::Frame.beat(7)))
    assert_same ApplicationCable::Frame.beat(7), ApplicationCable::Frame.beat(7)
    assert_not_equal ApplicationCable::Frame.beat(7), ApplicationCable::Frame.beat(8)
  end

  # As the driver that Action Cable uses makes it.
  class Heard
    attr_reader :bytes

    def env = { "HTTP_CONNECTION" => "Upgrade", "HTTP_UPGRADE" => "websocket", "HTTP_SEC_WEBSOCKET_KEY" => "x", "HTTP_SEC_WEBSOCKET_VERSION" => "13", "REQUEST_METHOD" => "GET" }
    def url = "ws://skerry.example/cable"
    def write(bytes) = @bytes = bytes
  end

  test "a text of any length is framed as the driver frames it, and made once" do
    heard = Heard.new
    driver = WebSocket::Driver.rack(heard)
    driver.start
    [ "", "x", "é" * 62, "x" * 125, "x" * 126, "x" * 65_535, "x" * 65_536, "tide ✓" * 40_000 ].each do |text|
      driver.text(text)
      assert_equal heard.bytes.b, ApplicationCable::Frame.of(text), "#{text.bytesize} bytes"
      assert_same ApplicationCable::Frame.of(text), ApplicationCable::Frame.of(text)
    end
  end
end
