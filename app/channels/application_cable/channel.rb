module ApplicationCable
  # A channel that follows a Live::Feed. Messages are encoded once by the feed and forwarded as they
  # are in the publisher's thread: Action Cable's own way decodes and encodes each message again for
  # each recipient, which no class of thirty would survive on one core.
  #
  # A browser says now and then how many messages it has taken (`seen`). One that falls too far
  # behind is sent nothing more until it has come up, and then starts afresh, so that a slow device
  # costs the server a bounded buffer.
  class Channel < ActionCable::Channel::Base
    BEHIND = 900 # messages: three seconds of a class that writes together

    # Nothing is followed by this alone; what its subclasses say of it counts.
    def subscribed = reject

    def seen(data)
      @seen = data["count"].to_i.clamp(@seen, @sent)
      return unless @held && @sent - @seen < BEHIND / 3
      @held = false
      transmit({ fresh: true })
    end

    # Thirty who write say ten things a second each. What Action Cable tells of each of them (its arguments in words, a
    # notification, a line of the log) would cost more than to do it.
    def perform_action(data)
      action = extract_action(data)
      return unless processable_action?(action)
      method(action).arity == 1 ? public_send(action, data) : public_send(action)
    end

    # Where the feed stands; asked once the subscription is confirmed, so that nothing said between
    # loading the page and subscribing goes unnoticed.
    def mark = transmit({ mark: @feed.mark })

    private

    # What a browser sent is taken, or refused with the reason.
    def accept
      yield
    rescue Usher::Invalid => error
      transmit({ refused: error.message })
    end

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
      connection.forward(whole(frame))
    end

    # With what Action Cable puts around it: the same for all followers of a feed, one after the other.
    def whole(frame)
      last, head, text = Thread.current[:cable_whole]
      return text if last.equal?(frame) && head == @head
      "#{@head}#{frame}}".tap { |made| Thread.current[:cable_whole] = [ frame, @head, made ] }
    end

    # Action Cable would hand each message to its worker pool here.
    def worker_pool_stream_handler(_broadcasting, user_handler, coder: nil) = user_handler
  end
end
