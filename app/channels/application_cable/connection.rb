module ApplicationCable
  class Connection < ActionCable::Connection::Base
    SEEN = /\A\{"command":"message","identifier":"(?:[^"\\]|\\.)*","data":"\{\\"action\\":\\"seen\\",\\"count\\":\d+\}"\}\z/
    private_constant :SEEN

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

    # Who floods is not listened to any more. How far they have come is what devices say at the same moment, all of them:
    # it is taken at once, past the workers.
    def receive(message)
      heard = SEEN.match?(message) ? @inbox.room? && (dispatch_websocket_message(message) || true) : @inbox.take(message) { send_async :work_inbox }
      heard || finish
    end

    def work_inbox = @inbox.work { |message| dispatch_websocket_message(message) }

    # The same beat for everybody, made once.
    def beat = forward(Frame.beat(Time.now.to_i))

    # A text that is ready to go out: no decoding, no encoding, no job, and past the driver, which would make the same
    # bytes again for each of thirty devices. A socket that breaks at this moment must not keep it from everybody after
    # it; its own loop notices and closes it.
    def forward(text)
      socket = websocket.send(:websocket)
      socket.write(Frame.of(text)) if socket&.alive?
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
