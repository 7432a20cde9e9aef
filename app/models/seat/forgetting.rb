# A student is sent out, or their time is up: the seat goes with the name and all that was left from it.
module Seat::Forgetting
  def forget
    transaction do
      Item.where(seat_id: id).update_all(seat_id: nil) # what was written with the class stays, and is nobody's
      destroy!
    end
    sitting.device_feed.publish(to: address, shut: true) # to this seat the doors are shut
    tell_board
  end
end
