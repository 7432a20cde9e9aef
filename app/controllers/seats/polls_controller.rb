# What the class, and this seat of it, is asked just now.
class Seats::PollsController < Seats::BaseController
  def show = render(partial: "seats/rooms/poll", locals: { access: student_access })
end
