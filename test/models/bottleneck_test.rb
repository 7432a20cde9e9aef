require "test_helper"

class BottleneckTest < ActiveSupport::TestCase
  setup { @way = Bottleneck.new(at_once: 2, waiting: 1, each: 2, patience: 0.3) }

  test "so many run at once, so many wait, and whoever comes then is told" do
    most, now, lock, gate = 0, 0, Mutex.new, Queue.new
    work = ->(who) { @way.pass(who) { lock.synchronize { most = [ most, now += 1 ].max } && gate.pop && lock.synchronize { now -= 1 } } }
    threads = %w[Ada Ben Cem].map { |who| Thread.new { work.call(who) }.tap { sleep 0.05 } }
    assert_raises(Bottleneck::Full) { work.call("Dot") }
    3.times { gate << true }
    threads.each(&:join)
    assert_equal 2, most
    gate << true
    work.call("Dot")
  end

  test "one person does not take every place, and whoever waits too long gives theirs back" do
    gate = Queue.new
    threads = Array.new(2) { Thread.new { @way.pass("Ada") { gate.pop } }.tap { sleep 0.05 } }
    assert_raises(Bottleneck::Full) { @way.pass("Ada") { flunk } }
    assert_raises(Bottleneck::Full, "waited too long") { @way.pass("Ben") { flunk } }
    2.times { gate << true }
    threads.each(&:join)
    assert_equal :done, @way.pass("Ben") { :done }
  end

  test "what many ask for is made once: a few wait, the others are told to come again" do
    gate, made = Queue.new, 0
    threads = Array.new(3) { Thread.new { Once.at_a_time("tides") { made += 1 if gate.pop } }.tap { sleep 0.05 } }
    assert_raises(Bottleneck::Full) { Once.at_a_time("tides") { flunk } }
    assert_equal :done, Once.at_a_time(apart("tides")) { :done }, "what nobody makes is not waited for"
    3.times { gate << true }
    threads.each(&:join)
    assert_equal 3, made
    assert_equal :done, Once.at_a_time("tides") { :done }
  end

  test "no more wait when they ask for different things" do
    gate = Queue.new
    knots = apart("tides")
    threads = [ "tides", "tides", knots, knots ].map { |key| Thread.new { Once.at_a_time(key) { gate.pop } }.tap { sleep 0.05 } }
    [ "tides", knots ].each { |key| assert_raises(Bottleneck::Full) { Once.at_a_time(key) { flunk } } }
    4.times { gate << true }
    threads.each(&:join)
    assert_equal :done, Once.at_a_time(knots) { :done }
  end

  test "a place comes back from work that failed" do
    3.times { assert_raises(ArgumentError) { @way.pass("Ada") { raise ArgumentError } } }
    assert_equal :done, @way.pass("Ada") { :done }
  end

  private

  # A key that has a lock of its own.
  def apart(key) = ("a".."z").find { |other| other.hash % 64 != key.hash % 64 }
end
