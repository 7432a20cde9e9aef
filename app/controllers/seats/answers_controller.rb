class Seats::AnswersController < Seats::BaseController
  def create
    poll = student_access.polls.find(params[:poll])
    poll.take_answer(seat, params[:choice])
    render partial: "seats/poll", locals: { poll: poll, answer: poll.answers.find_by(seat: seat), said: "Kept. You can change it until the poll closes." }
  end
end
