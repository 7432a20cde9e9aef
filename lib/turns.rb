# Threads or connections that take turns: who came first goes first, one at a time. A lock that is polled for, or that
# whoever is running may take again, lets a busy thread pass all others over and over.
class Turns
  def initialize
    @gate = Mutex.new
    @waiting = {}.compare_by_identity # those in the order they came, with what wakes each; the first of them has its turn
  end

  # Answers when it is its turn, or after so many seconds in any case: turns are for order, what is done in them must
  # be guarded by itself. Whoever enters leaves again, whatever happens; a connection does, whichever thread uses it by then.
  def enter(who = Thread.current, seconds:)
    @gate.synchronize do
      next if @waiting.key?(who)
      mine = @waiting[who] = ConditionVariable.new
      last = now + seconds
      mine.wait(@gate, last - now) until @waiting.first.last.equal?(mine) || now >= last
    end
  end

  # The next one's turn; nothing happens when it has none.
  def leave(who = Thread.current)
    @gate.synchronize { @waiting.first&.last&.signal if @waiting.delete(who) }
  end

  # How many have their turn or wait for it.
  def size = @gate.synchronize { @waiting.size }

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end
