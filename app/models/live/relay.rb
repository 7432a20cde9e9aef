require "redis"

# What one process says to browsers is heard by those at the others: one channel of Redis carries all of it, and one thread a
# process hands it on, so that it stays in order. Without REDIS_URL there is one process, and nothing to carry.
module Live::Relay
  CHANNEL = "usher:said".freeze
  AGAIN = 0.5 # seconds

  class << self
    def on? = ENV.key?("REDIS_URL")
    def redis = @redis ||= ConnectionPool::Wrapper.new(size: 16, timeout: 5) { connect }

    # Says something to the followers of a name, at every process.
    def say(name, packed) = on? ? redis.publish(CHANNEL, "#{name}\n#{packed}") : hand_on(name, packed)

    # From now on this process hears the others.
    def listen = on? && Thread.new { loop { follow } }

    private

    def connect = Redis.new(url: ENV.fetch("REDIS_URL"), reconnect_attempts: 2)

    def follow
      connect.subscribe(CHANNEL) { |on| on.message { |_, said| hand_on(*said.force_encoding(Encoding::UTF_8).split("\n", 2)) } }
    rescue Redis::BaseError => error
      Rails.logger.warn("Redis cannot be reached: #{error.message}")
      sleep AGAIN
    end

    def hand_on(name, packed) = ActionCable.server.broadcast(name, packed, coder: nil)
  end
end
