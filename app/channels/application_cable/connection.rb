module ApplicationCable
  class Connection < ActionCable::Connection::Base
    identified_by :teacher, :seat

    def connect
      passes = Passes.new(cookies)
      self.teacher, self.seat = passes.teacher, passes.seat
      reject_unauthorized_connection unless teacher || seat
    end

    # A frame that is ready to go out: no decoding, no encoding, no job.
    def forward(frame) = websocket.transmit(frame)
  end
end
