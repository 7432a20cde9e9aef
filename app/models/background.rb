# Work that nobody's hand waits for lets those threads go first whose answers somebody does.
module Background
  PRIORITY = -3 # of Ruby's threads: others are let in after an eighth of the usual time

  def self.run
    thread, before = Thread.current, Thread.current.priority
    thread.priority = PRIORITY
    yield
  ensure
    thread.priority = before
  end
end
