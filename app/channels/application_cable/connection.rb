module ApplicationCable
  class Connection < ActionCable::Connection::Base
    identified_by :teacher, :seat

    def initialize(...)
      super
      @inbox = Inbox.new
    end

    def connect
      passes = Passes.new(cookies)
      self.teacher, self.seat = passes.teacher, passes.seat
      reject_unauthorized_connection unless teacher || seat
      follow_end_of(passes.sign_in) if teacher
    end

    def disconnect = (ActionCable.server.pubsub.unsubscribe(@end, @ender) if @end)

    # Ended from our side: there is nothing to come back to, and whoever follows is told so.
    def finish
      subscriptions&.identifiers.to_a.each { |identifier| transmit({ identifier: identifier, message: { ended: true } }) }
      close(reason: "ended", reconnect: false)
    end

    # Who floods is not listened to any more.
    def receive(message) = @inbox.take(message) { send_async :work_inbox } || finish

    def work_inbox = @inbox.work { |message| dispatch_websocket_message(message) }

    # A frame that is ready to go out: no decoding, no encoding, no job. A socket that breaks at this
    # moment must not keep the frame from everybody after it; its own loop notices and closes it.
    def forward(frame)
      websocket.transmit(frame)
    rescue IOError, SystemCallError => error
      logger.info "A device went away while it was written to (#{error.class})"
    end

    private

    def follow_end_of(record)
      @end, @ender = Live::Ends.name_of(record), ->(_) { finish }
      ActionCable.server.pubsub.subscribe(@end, @ender)
    end
  end
end
