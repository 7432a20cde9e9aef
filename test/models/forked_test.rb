require "test_helper"

class ForkedTest < ActiveSupport::TestCase
  setup { Forked.off = false }
  teardown { Forked.off = true }

  test "what it answers and what it raises comes back" do
    assert_equal({ tides: [ 1, "two" ] }, Forked.run { { tides: [ 1, "two" ] } })
    assert_not_equal Process.pid, Forked.run { Process.pid }
    assert_equal "Choose a picture first.", assert_raises(Usher::Invalid) { Forked.run { raise Usher::Invalid, "Choose a picture first." } }.message
    assert_raises(ActiveRecord::RecordInvalid) { Forked.run { Teacher.new.tap(&:validate).then { |one| raise ActiveRecord::RecordInvalid, one } } }
    assert_match(/a proc/, assert_raises(Forked::Failed) { Forked.run { raise KeyError.new("a proc", receiver: proc { }) } }.message)
  end

  test "it ends in time, and with its memory" do
    assert_raises(Forked::Failed) { Forked.run(seconds: 0.5) { sleep } }
    assert_raises(NoMemoryError) { Forked.run { "tide" * 1.gigabyte } }
    assert_raises(Forked::Failed) { Forked.run { Process.kill(:KILL, Process.pid) } }
    assert_empty Dir["/proc/[0-9]*/stat"].select { |path| File.read(path).match?(/\) Z #{Process.pid} /) rescue false }
  end

  test "one within another is no process more" do
    assert_equal [ true, true ], Forked.run { [ Forked.inside?, Forked.run { Process.pid } == Process.pid ] }
    assert_not Forked.inside?
  end

  test "what it tells a feed is told here, in order" do
    feed = Live::Feed["forked-test"]
    before = feed.mark[:n]
    Forked.run { 3.times { |number| feed.publish(page: number) } }
    assert_equal [ 0, 1, 2 ], feed.since(Live::Feed::FROM, before).map { |frame| JSON.parse(frame)["page"] }
  end

  test "once it is seen to take long it comes after others" do
    priority = -> { Process.getpriority(Process::PRIO_PROCESS, Process.pid) }
    before, after = Forked.run do
      begun = priority.call
      ending = Process.clock_gettime(Process::CLOCK_MONOTONIC) + 10
      nil until priority.call > begun || Process.clock_gettime(Process::CLOCK_MONOTONIC) > ending
      [ begun, priority.call ]
    end
    assert_equal [ priority.call, Forked::NICE ], [ before, after ]
  end

  test "it holds nobody's connection open" do
    TCPSocket.allocate # as one is left that could not be opened
    server = TCPServer.new("127.0.0.1", 0)
    client = TCPSocket.new("127.0.0.1", server.addr[1])
    guest = server.accept
    gate = IO.pipe
    waiting = Thread.new { Forked.run { gate.first.read(1) } }
    sleep 0.3
    guest.close
    assert client.wait_readable(5), "hung up here, and still open"
    gate.last.write("!")
    assert_equal "!", waiting.value
  ensure
    [ server, client, *gate ].compact.each(&:close)
  end

  test "it ends with the one that waits for it" do
    said = IO.pipe
    parent = fork do
      said.first.close
      Forked.run { said.last.puts(Process.pid) || said.last.flush || sleep }
    ensure
      exit!
    end
    said.last.close
    child = Integer(said.first.gets)
    Process.kill(:KILL, parent)
    Process.wait(parent)
    100.times { File.exist?("/proc/#{child}") && !File.read("/proc/#{child}/stat").match?(/\) Z /) ? sleep(0.05) : break }
    assert_not File.exist?("/proc/#{child}") && !File.read("/proc/#{child}/stat").match?(/\) Z /)
  end
end
