# What a whole class asks for at the same moment is made once: a few wait for that, the others are told to come again.
module Once
  NOW = proc { |&work| work.call } # without waiting for a turn
  WAITING = 2

  LOCKS = Array.new(64) { Mutex.new }.freeze
  WAITERS = Array.new(64) { Concurrent::AtomicFixnum.new }.freeze
  private_constant :LOCKS, :WAITERS

  module_function

  # key: what is made; the block makes it, or finds that it was. Two keys now and then share a lock, which costs a moment
  # and nothing else. Raises Bottleneck::Full where enough wait already.
  def at_a_time(key, &)
    lock, waiting = [ LOCKS, WAITERS ].map { |all| all[key.hash % all.size] }
    raise Bottleneck::Full if lock.locked? && waiting.value >= WAITING
    waiting.increment
    begin
      lock.lock
    ensure
      waiting.decrement
    end
    begin
      yield
    ensure
      lock.unlock
    end
  end
end
