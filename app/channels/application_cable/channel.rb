module ApplicationCable
  # A channel that follows a Live::Feed. Messages are encoded once by the feed and forwarded as they
  # are in the publisher's thread: Action Cable's own way decodes and encodes each message again for
  # each recipient, which no class of thirty would survive on one core.
  #
  # A browser says now and then up to which message it has come (`seen`). One that falls too far
  # behind is sent nothing more until it has come up, and then starts afresh, so that a slow device
  # costs the server a bounded buffer.
  class Channel < ActionCable::Channel::Base
    BEHIND = 300

    def seen(data)
      @seen = data["n"].to_i
      return unless @held && @sent - @seen < BEHIND / 3
      @held = false
      transmit({ fresh: true })
    end

    private

    def follow(feed)
      @sent = @seen = feed.mark[:n]
      @head = %({"identifier":#{@identifier.to_json},"message":)
      stream_from(feed.name, coder: nil) { |frame| forward(frame, feed) }
      transmit({ mark: feed.mark })
    end

    def forward(frame, feed)
      @sent = feed.mark[:n]
      @held ||= @sent - @seen > BEHIND
      connection.forward("#{@head}#{frame}}") unless @held
    end

    # Action Cable would hand each message to its worker pool here.
    def worker_pool_stream_handler(_broadcasting, user_handler, coder: nil) = user_handler
  end
end
