# A feed that several processes speak on: its numbers and what was said of late lie in Redis, and a script there numbers,
# keeps and delivers a message in one step; so every message has one number, whoever said it, and numbers and delivery agree.
class Live::SharedFeed < Live::Feed
  FORGOTTEN = 1.day # without a message; whoever still follows then starts afresh, because it is another `from`
  SAY = <<~LUA.freeze
    redis.call("HSETNX", KEYS[1], "from", ARGV[1])
    local head = '{"from":"' .. redis.call("HGET", KEYS[1], "from") .. '","n":' .. redis.call("HINCRBY", KEYS[1], "n", 1)
    local packed = head .. ARGV[2]
    if ARGV[3] ~= "" then packed = ARGV[3] .. "\\n" .. head .. "}\\n" .. packed end
    redis.call("RPUSH", KEYS[2], packed)
    redis.call("LTRIM", KEYS[2], -#{KEEP}, -1)
    redis.call("EXPIRE", KEYS[1], #{FORGOTTEN.to_i})
    redis.call("EXPIRE", KEYS[2], #{FORGOTTEN.to_i})
    redis.call("PUBLISH", "#{Live::Relay::CHANNEL}", ARGV[4] .. "\\n" .. packed)
  LUA

  def mark
    redis.hsetnx(state, "from", FROM)
    redis.expire(state, FORGOTTEN.to_i)
    from, number = redis.hmget(state, "from", "n")
    { from: from, n: number.to_i }
  end

  def since(from, n, addresses: [])
    return unless n.is_a?(Integer)
    (is, number), recent = redis.multi { |all| [ all.hmget(state, "from", "n"), all.lrange(said, 0, -1) ] }
    behind = number.to_i - n
    recent.last(behind).map { |packed| self.class.unpack(packed, addresses) } if from == is && behind.between?(0, recent.size)
  end

  private

  # message ends the object that the script begins.
  def say(to, message)
    rest = message.empty? ? "}" : ",#{JSON.generate(message)[1..]}"
    redis.eval(SAY, keys: [ state, said ], argv: [ FROM, rest, to.to_s, name ])
  end

  def state = "feed:#{name}"
  def said = "feed:#{name}:said"
  def redis = Live::Relay.redis
end
