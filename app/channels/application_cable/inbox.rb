module ApplicationCable
  # What one browser says, in the order it was said: the pieces of a stroke come close together, and the worker pool alone
  # would now and then do the second first. And no more of it than somebody who writes says, so that one who floods
  # takes neither the pool nor the memory.
  class Inbox
    LARGEST = 200_000 # bytes of one message
    RATE = 200 # messages a second, for long
    BURST = 1_000 # that may come at once

    def initialize
      @messages, @working, @asked = Queue.new, Mutex.new, Concurrent::AtomicBoolean.new
      @room, @at = BURST, now
    end

    # Whether it is taken; if not, whoever sent it has gone too far. The block asks for #work, once however many wait.
    def take(message)
      return false if message.bytesize > LARGEST || !room?
      @messages << message
      yield if @asked.make_true
      true
    end

    # Yields each in its order.
    def work
      @asked.make_false
      @working.synchronize { yield @messages.pop(true) until @messages.empty? }
    end

    # Whether one more message may come now; it counts.
    def room?
      since, @at = @at, now
      @room = [ @room + (@at - since) * RATE, BURST ].min - 1
      @room >= 0
    end

    private

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end
