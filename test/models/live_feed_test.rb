require "test_helper"

class LiveFeedTest < ActiveSupport::TestCase
  setup { @feed = Live::Feed.new("test:#{fresh}") }

  test "messages are numbered and the missed ones are given again as they were" do
    3.times { |n| @feed.publish(word: n) }
    frames = @feed.since(Live::Feed::FROM, 1).map { |frame| JSON.parse(frame) }
    assert_equal [ [ 2, 1 ], [ 3, 2 ] ], frames.map { |frame| frame.values_at("n", "word") }
    assert_equal [], @feed.since(Live::Feed::FROM, 3)
    assert_equal({ from: Live::Feed::FROM, n: 3 }, @feed.mark)
  end

  test "another process, another future or a past too long ago means starting afresh" do
    assert_nil @feed.since("elsewhere", 0)
    assert_nil @feed.since(Live::Feed::FROM, nil)
    assert_nil @feed.since(Live::Feed::FROM, 5)
    (Live::Feed::KEEP + 5).times { @feed.publish(word: 1) }
    assert_nil @feed.since(Live::Feed::FROM, 4)
    assert_equal Live::Feed::KEEP, @feed.since(Live::Feed::FROM, 5).size
  end

  test "large messages are kept for a shorter while" do
    5.times { @feed.publish(word: "x" * 900_000) }
    assert_nil @feed.since(Live::Feed::FROM, 2)
    assert_equal 2, @feed.since(Live::Feed::FROM, 3).size
  end

  test "what was handed out stays as it was when the feed goes on" do
    @feed.publish(word: "first")
    heard = @feed.since(Live::Feed::FROM, 0)
    (Live::Feed::KEEP + 1).times { @feed.publish(word: "later") }
    assert_equal "first", JSON.parse(heard.sole)["word"]
  end

  test "numbers agree with delivery when many publish at once" do
    heard = Queue.new
    handler = ->(frame) { heard << JSON.parse(frame)["n"] }
    ActionCable.server.pubsub.subscribe(@feed.name, handler)
    Array.new(8) { Thread.new { 50.times { @feed.publish(word: 1) } } }.each(&:join)
    assert_equal (1..400).to_a, Array.new(400) { heard.pop }
  ensure
    ActionCable.server.pubsub.unsubscribe(@feed.name, handler)
  end

  test "patches are told once they are in the database, and not when they are taken back" do
    page = lesson.pages.first
    feed = page.lesson.board_feed
    before = feed.mark[:n]
    ActiveRecord::Base.transaction(requires_new: true) do
      lay(page, note)
      raise ActiveRecord::Rollback
    end
    assert_equal before, feed.mark[:n]
    lay(page, note)
    assert_equal before + 1, feed.mark[:n]
    lay(page, note("again"), id: "once")
    lay(page, note("again"), id: "once")
    assert_equal before + 2, feed.mark[:n]
  end

  test "devices are told that what went to the wings is gone" do
    page = lesson.pages.first
    sit(page.lesson)
    lay(page, note("n1"))
    mark = page.lesson.sitting.device_feed.mark
    page.perform({ "verb" => "move", "ids" => [ "n1" ], "by" => [ 5_000, 0 ] }, id: fresh, by: page.lesson.teacher)
    patch = JSON.parse(page.lesson.sitting.device_feed.since(mark[:from], mark[:n]).sole)["patch"]
    assert_equal [ [], [ "n1" ] ], patch.values_at("put", "gone")
    assert_not_includes patch.to_json, "teacher:"
  end
end
