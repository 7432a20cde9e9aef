# How much heavy work web threads do at the same moment: reading aloud, taking files in, making a PDF. So many at once, so
# many that wait, and of one person fewer, so that nobody takes the way from those who write.
class Bottleneck
  class Full < StandardError; end

  # at_once, waiting: how many, of everybody; each: how many of one person, running or waiting; patience: seconds one waits.
  def initialize(at_once:, waiting:, each:, patience:)
    @at_once, @waiting, @each, @patience = at_once, waiting, each, patience
    @running, @there = 0, Hash.new(0)
    @lock, @freed = Mutex.new, ConditionVariable.new
  end

  # Runs the block for this person, or raises Full.
  def pass(person)
    enter(person)
    begin
      yield
    ensure
      leave(person)
    end
  end

  private

  def enter(person)
    @lock.synchronize do
      raise Full if @there[person] >= @each || @there.values.sum >= @at_once + @waiting
      @there[person] += 1
      ending = Process.clock_gettime(Process::CLOCK_MONOTONIC) + @patience
      while @running >= @at_once
        left = ending - Process.clock_gettime(Process::CLOCK_MONOTONIC)
        forget(person) && raise(Full) unless left.positive?
        @freed.wait(@lock, left)
      end
      @running += 1
    end
  end

  def leave(person)
    @lock.synchronize do
      @running -= 1
      forget(person)
      @freed.signal
    end
  end

  def forget(person) = (@there[person] -= 1).tap { |left| @there.delete(person) if left.zero? }
end
