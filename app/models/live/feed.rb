# One numbered stream of messages. Every message says which process sent it (`from`) and its number
# there (`n`), so that a browser puts them in order, notices a gap and asks for what it missed.
# The last few hundred, and at most some megabytes, are kept for that; who missed more starts afresh
# from the database.
class Live::Feed
  KEEP = 400
  KEEP_BYTES = 2.megabytes
  FROM = SecureRandom.alphanumeric(8)

  @feeds = Concurrent::Map.new

  def self.[](name) = @feeds.compute_if_absent(name) { new(name) }

  attr_reader :name

  def initialize(name)
    @name = name
    @recent, @bytes = [], 0
    @number = 0
    @lock = Mutex.new
  end

  # Encoded once, here; handed to every follower as it is. Under the lock, so that numbers and
  # delivery agree.
  def publish(message)
    @lock.synchronize do
      frame = JSON.generate({ from: FROM, n: @number += 1, **message })
      remember(frame)
      ActionCable.server.broadcast(@name, frame, coder: nil)
    end
  end

  # Where the feed stands: what a freshly loaded page has seen already.
  def mark = { from: FROM, n: @number }

  # The frames after number `n` of this process; nil when they are no longer (or never were) here.
  def since(from, n)
    return unless from == FROM && n.is_a?(Integer)
    @lock.synchronize do
      behind = @number - n
      @recent.last(behind) if behind.between?(0, @recent.size)
    end
  end

  private

  def remember(frame)
    @recent << frame
    @bytes += frame.bytesize
    @bytes -= @recent.shift.bytesize while @recent.size > KEEP || (@bytes > KEEP_BYTES && @recent.size > 1)
  end
end
