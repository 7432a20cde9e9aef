# What a whole class asks for at the same moment is made once; the others wait for that.
module Once
  NOW = proc { |&work| work.call } # without waiting for a turn
  LOCKS = Array.new(64) { Mutex.new }.freeze

  # key: what is made. Two keys now and then share a lock, which costs a moment and nothing else.
  def self.at_a_time(key, &) = LOCKS[key.hash % LOCKS.size].synchronize(&)
end
