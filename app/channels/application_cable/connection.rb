module ApplicationCable
  class Connection < ActionCable::Connection::Base
    identified_by :teacher, :seat

    def initialize(...)
      super
      @inbox, @working = Queue.new, Mutex.new
    end

    def connect
      passes = Passes.new(cookies)
      self.teacher, self.seat = passes.teacher, passes.seat
      reject_unauthorized_connection unless teacher || seat
      follow_end_of(passes.sign_in || seat)
    end

    def disconnect = (ActionCable.server.pubsub.unsubscribe(@end, @ender) if @end)

    # Ended from our side: there is nothing to come back to.
    def finish = close(reason: "ended", reconnect: false)

    # What one browser says is done in the order it was said: the pieces of a stroke come close
    # together, and the worker pool alone would now and then do the second first.
    def receive(message)
      @inbox << message
      send_async :work_inbox
    end

    def work_inbox
      @working.synchronize { dispatch_websocket_message(@inbox.pop(true)) until @inbox.empty? }
    end

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
