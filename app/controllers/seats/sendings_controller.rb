# What the teacher has sent to this seat.
class Seats::SendingsController < Seats::BaseController
  def show = render(partial: "seats/rooms/sent", locals: { access: student_access })
end
