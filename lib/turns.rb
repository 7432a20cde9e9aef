# Threads that take turns: who came first goes first, one at a time. A lock that is polled for, or that
# whoever is running may take again, lets a busy thread pass all others over and over.
class Turns
  def initialize
    @gate = Mutex.new
    @waiting = []
  end

  # Yields when it is this thread's turn, or after so many seconds in any case: turns are for order, what
  # happens in them must be guarded by itself. Answers with what the block answers.
  def take(seconds:)
    place = ConditionVariable.new
    @gate.synchronize do
      @waiting << place
      last = now + seconds
      place.wait(@gate, last - now) until @waiting.first.equal?(place) || now >= last
    end
    yield
  ensure
    @gate.synchronize do
      @waiting.delete(place)
      @waiting.first&.signal
    end
  end

  # How many have their turn or wait for it.
  def size = @gate.synchronize { @waiting.size }

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end
