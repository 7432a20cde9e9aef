# What the teacher has sent to this seat.
class Seats::SendingsController < Seats::BaseController
  def show
    @sent = Sending.to(seat).last
  end
end
