class Seats::PollsController < Seats::BaseController
  def show
    poll = sitting.poll
    return render(plain: "") unless poll&.for?(seat) && seat.may?("answer")
    render partial: "seats/poll", locals: { poll: poll, answer: (poll.answers.find_by(seat: seat) unless poll.anonymous?), said: nil }
  end
end
