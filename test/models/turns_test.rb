require "test_helper"

class TurnsTest < ActiveSupport::TestCase
  setup { @turns = Turns.new }

  test "who came first goes first, one at a time, also when somebody comes again at once" do
    order = []
    release = held { take { order << "first again" } }
    rest = %w[Ada Bo Cy].map { |name| standing { take { order << name } } }
    release.call
    rest.each(&:join)
    assert_equal [ "Ada", "Bo", "Cy", "first again" ], order
  end

  test "whoever has waited long enough goes ahead, and keeps nobody else from a turn" do
    release = held
    assert_equal :ahead, take(seconds: 0.05) { :ahead }
    after = standing { take { :after } }
    release.call
    assert_equal :after, after.value
  end

  test "entering twice is one turn, and whoever has none may leave" do
    @turns.leave
    2.times { @turns.enter(seconds: 10) }
    assert_equal 1, @turns.size
    @turns.leave
    assert_equal 0, @turns.size
  end

  test "one who was ended while waiting is not waited for" do
    release = held
    standing { take { flunk "ended while it waited" } }.kill.join
    release.call
    assert_equal :mine, take { :mine }
    assert_equal 0, @turns.size
  end

  test "a connection leaves also where another thread uses it by then" do
    connection = Object.new
    Thread.new { @turns.enter(connection, seconds: 10) }.join
    @turns.leave
    assert_equal 1, @turns.size
    @turns.leave(connection)
    assert_equal 0, @turns.size
  end

  private

  def take(seconds: 10)
    @turns.enter(seconds: seconds)
    yield
  ensure
    @turns.leave
  end

  # A turn that somebody has; what is answered ends it and waits for what that one does next.
  def held(&afterwards)
    began, over = Queue.new, Queue.new
    thread = Thread.new { take { began << true and over.pop } and afterwards&.call }
    began.pop
    -> { over << true and thread.join }
  end

  # A thread that runs this, once it stands behind those before it.
  def standing(&)
    before = @turns.size
    Thread.new(&).tap { Thread.pass until @turns.size > before }
  end
end
