require "test_helper"

class TurnsTest < ActiveSupport::TestCase
  setup { @turns = Turns.new }

  test "who came first goes first, one at a time, also when somebody comes again at once" do
    order = []
    release = held { @turns.take(seconds: 10) { order << "first again" } }
    rest = %w[Ada Bo Cy].map { |name| standing { @turns.take(seconds: 10) { order << name } } }
    release.call
    rest.each(&:join)
    assert_equal [ "Ada", "Bo", "Cy", "first again" ], order
  end

  test "whoever has waited long enough goes ahead, and keeps nobody else from a turn" do
    release = held
    assert_equal :ahead, @turns.take(seconds: 0.05) { :ahead }
    after = standing { @turns.take(seconds: 10) { :after } }
    release.call
    assert_equal :after, after.value
  end

  test "an error and a thread that is ended give the turn back" do
    assert_raises(Usher::Invalid) { @turns.take(seconds: 1) { raise Usher::Invalid, "No." } }
    release = held
    standing { @turns.take(seconds: 10) { flunk "ended while it waited" } }.kill.join
    release.call
    assert_equal :mine, @turns.take(seconds: 10) { :mine }
    assert_equal 0, @turns.size
  end

  private

  # A turn that somebody has; what is answered ends it and waits for what that one does next.
  def held(&afterwards)
    began, over = Queue.new, Queue.new
    thread = Thread.new { @turns.take(seconds: 10) { began << true and over.pop } and afterwards&.call }
    began.pop
    -> { over << true and thread.join }
  end

  # A thread that runs this, once it stands behind those before it.
  def standing(&)
    before = @turns.size
    Thread.new(&).tap { Thread.pass until @turns.size > before }
  end
end
