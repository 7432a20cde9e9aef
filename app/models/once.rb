# What a whole class asks for at the same moment is made once: a few wait for that, the others are told to come again. Few
# of everybody, whatever they ask for, since who waits keeps a thread from those who write.
module Once
  NOW = proc { |&work| work.call } # without waiting for a turn
  WAITING = 2

  LOCKS = Array.new(64) { Mutex.new }.freeze
  WAITERS = Concurrent::AtomicFixnum.new
  private_constant :LOCKS, :WAITERS

  module_function

  # key: what is made; the block makes it, or finds that it was. Two keys now and then share a lock, which costs a moment
  # and nothing else. Raises Bottleneck::Full where enough wait already.
  def at_a_time(key, &)
    lock = LOCKS[key.hash % LOCKS.size]
    wait_for(lock) unless lock.try_lock
    begin
      yield
    ensure
      lock.unlock
    end
  end

  def wait_for(lock)
    raise Bottleneck::Full if WAITERS.increment > WAITING
    lock.lock
  ensure
    WAITERS.decrement
  end
  private_class_method :wait_for
end
