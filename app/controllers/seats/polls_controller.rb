class Seats::PollsController < Seats::BaseController
  def show
    poll = sitting.poll
    return render(plain: "") unless poll
    render partial: "seats/poll", locals: { poll: poll, answer: poll.answers.find_by(seat: seat), said: nil }
  end
end
