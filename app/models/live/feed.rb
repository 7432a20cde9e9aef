# One numbered stream of messages. Every message says where its numbers come from (`from`: this process; see SharedFeed)
# and its number there (`n`), so that a browser puts them in order, notices a gap and asks for what it missed.
# A message is for everybody who follows, or for those of one address ("seat:7", "layer:12"): the others get only
# its number, so that nobody takes it for a gap.
# The last few hundred, and at most some megabytes, are kept for that; who missed more starts afresh
# from the database.
class Live::Feed
  KEEP = 400
  KEEP_BYTES = 2.megabytes
  FROM = SecureRandom.alphanumeric(8)

  PASSING = /\A\{"from":"\w+","n":\d+(?:,"(?:wet|pointer)":|\})/ # ink that is wet, a pointer, what is for somebody else

  @feeds = Concurrent::Map.new

  def self.[](name) = @feeds.compute_if_absent(name) { (Live::Relay.on? ? Live::SharedFeed : self).new(name) }

  # Whether a frame tells of nothing that stays.
  def self.passing?(frame) = PASSING.match?(frame)

  def self.publish_to(name, to, message) = self[name].publish(to: to, **message)

  attr_reader :name

  def initialize(name)
    @name = name
    @recent = Live::Recent.new(most: KEEP, bytes: KEEP_BYTES)
    @number = 0
    @lock = Mutex.new
  end

  # to: an address, where it is not for everybody.
  def publish(to: nil, **message) = Forked.inside? ? Forked.tell(Live::Feed, :publish_to, @name, to, message) : say(to, message)

  # Where the feed stands: what a freshly loaded page has seen already.
  def mark = { from: FROM, n: @number }

  # The frames after number `n` of this process, as a follower with these addresses gets them; nil when they are
  # no longer (or never were) here.
  def since(from, n, addresses: [])
    return unless from == FROM && n.is_a?(Integer)
    @lock.synchronize do
      behind = @number - n
      @recent.last(behind).map { |packed| self.class.unpack(packed, addresses) } if behind.between?(0, @recent.size)
    end
  end

  # A message as it is kept and travels, encoded once: the frame alone, or "address\nstub\nframe", where the stub is the
  # frame for others. JSON holds no line break.
  def self.pack(frame, address: nil, stub: nil) = address ? [ address, stub, frame ].join("\n") : frame

  # The frame out of that, for a follower with these addresses.
  def self.unpack(packed, addresses)
    return packed if packed.start_with?("{")
    address, stub, frame = packed.split("\n", 3)
    addresses.include?(address) ? frame : stub
  end

  private

  # Encoded here; handed to every follower as it is. Under the lock, so that numbers and delivery agree.
  def say(to, message)
    @lock.synchronize do
      head = { from: FROM, n: @number += 1 }
      packed = self.class.pack(JSON.generate({ **head, **message }), address: to, stub: (JSON.generate(head) if to))
      @recent << packed
      ActionCable.server.broadcast(@name, packed, coder: nil)
    end
  end
end
