# A student is sent out, or their time is up: the seat goes with the name and all that was left from it.
module Seat::Forgetting
  def forget
    transaction do
      Layer.where(seat_id: id).find_each(&:destroy!)
      destroy!
    end
    Live::Ends.of(self)
    tell_board
  end
end
