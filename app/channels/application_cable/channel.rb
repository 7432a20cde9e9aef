module ApplicationCable
  # A channel that follows a Live::Feed. Messages are encoded once by the feed and forwarded as they
  # are in the publisher's thread: Action Cable's own way decodes and encodes each message again for
  # each recipient, which no class of thirty would survive on one core.
  #
  # A browser says now and then how many messages it has taken (`seen`). One that falls too far
  # behind is sent nothing more until it has come up, and then starts afresh, so that a slow device
  # costs the server a bounded buffer.
  class Channel < ActionCable::Channel::Base
    BEHIND = 300

    def seen(data)
      @seen = data["count"].to_i.clamp(@seen, @sent)
      return unless @held && @sent - @seen < BEHIND / 3
      @held = false
      transmit({ fresh: true })
    end

    # Where the feed stands; asked once the subscription is confirmed, so that nothing said between
    # loading the page and subscribing goes unnoticed.
    def mark = transmit({ mark: @feed.mark })

    private

    # to: the addresses that are this follower's own.
    def follow(feed, to: [])
      @feed, @addresses = feed, to
      @sent = @seen = 0
      @head = %({"identifier":#{@identifier.to_json},"message":)
      stream_from(feed.name, coder: nil) { |packed| forward(Live::Feed.unpack(packed, @addresses)) }
    end

    def forward(frame)
      @held ||= @sent - @seen >= BEHIND
      return if @held
      @sent += 1
      connection.forward("#{@head}#{frame}}")
    end

    # Action Cable would hand each message to its worker pool here.
    def worker_pool_stream_handler(_broadcasting, user_handler, coder: nil) = user_handler
  end
end
