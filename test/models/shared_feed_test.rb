require "test_helper"

# With a Redis of its own.
class SharedFeedTest < ActiveSupport::TestCase
  setup do
    @folder = Dir.mktmpdir("usher-redis")
    @port = Addrinfo.tcp("127.0.0.1", 0).bind { |socket| socket.local_address.ip_port }
    @pid = spawn("redis-server", "--port", @port.to_s, "--dir", @folder, "--save", "", out: File::NULL, err: File::NULL)
    ENV["REDIS_URL"] = "redis://127.0.0.1:#{@port}"
    100.times { TCPSocket.new("127.0.0.1", @port).close && break rescue sleep(0.05) }
    @feed = Live::SharedFeed.new("tides")
  end

  teardown do
    ENV.delete("REDIS_URL")
    Live::Relay.instance_variable_set(:@redis, nil)
    Process.kill(:KILL, @pid)
    Process.wait(@pid)
    FileUtils.rm_rf(@folder)
  end

  test "numbers come from one place, whoever speaks" do
    other = Live::SharedFeed.new("tides")
    from, = @feed.mark.values
    threads = [ @feed, other ].map { |feed| Thread.new { 50.times { |word| feed.publish(word: word) } } }
    threads.each(&:join)
    said = other.since(from, 0).map { |frame| JSON.parse(frame) }
    assert_equal [ (1..100).to_a, [ from ] ], [ said.pluck("n"), said.pluck("from").uniq ]
    assert_equal({ from: from, n: 100 }, @feed.mark)
    assert_equal [ 99, 100 ], @feed.since(from, 98).map { |frame| JSON.parse(frame)["n"] }
    assert_equal [], @feed.since(from, 100)
    assert_nil @feed.since(from, 101)
    assert_nil @feed.since("elsewhere", 98)
  end

  test "every process hears it as it was said, and others than those meant only its number" do
    heard = Queue.new
    listener = ->(packed) { heard << packed }
    ActionCable.server.pubsub.subscribe("tides", listener)
    listening = Live::Relay.listen
    sleep 0.3
    @feed.publish(word: "ebb “tide”")
    @feed.publish(to: "seat:7", shut: true)
    @feed.publish
    first, second, third = Array.new(3) { heard.pop }
    from = @feed.mark[:from]
    assert_equal({ "from" => from, "n" => 1, "word" => "ebb “tide”" }, JSON.parse(Live::Feed.unpack(first, [])))
    assert_equal [ { "from" => from, "n" => 2, "shut" => true }, { "from" => from, "n" => 2 } ], [ [ "seat:7" ], [] ].map { |addresses| JSON.parse(Live::Feed.unpack(second, addresses)) }
    assert_equal({ "from" => from, "n" => 3 }, JSON.parse(third))
    Live::Ends.say("tides")
    assert_equal "end", heard.pop
  ensure
    listening&.kill
    ActionCable.server.pubsub.unsubscribe("tides", listener)
  end

  test "only the last are kept, and a feed that was forgotten is another one" do
    (Live::Feed::KEEP + 5).times { @feed.publish(word: 1) }
    from = @feed.mark[:from]
    assert_nil @feed.since(from, 4)
    assert_equal Live::Feed::KEEP, @feed.since(from, 5).size
    Live::Relay.redis.flushall
    stub_const(Live::Feed, :FROM, "later") { assert_equal({ from: "later", n: 0 }, @feed.mark) }
    assert_nil @feed.since(from, 5)
  end
end
