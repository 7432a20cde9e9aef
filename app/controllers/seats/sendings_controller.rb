# What the teacher has sent to this seat.
class Seats::SendingsController < Seats::BaseController
  def show
    @sent = Sending.to(seat).last
    @handouts = student_access.handouts.order(:id)
  end
end
