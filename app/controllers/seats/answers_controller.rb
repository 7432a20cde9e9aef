class Seats::AnswersController < Seats::BaseController
  def create
    poll = student_access.poll(params[:poll]) or raise ActiveRecord::RecordNotFound
    raise Usher::Invalid, "Your teacher has not opened answers just now." unless seat.may?("answer")
    taken = poll.take_answer(seat, answer)
    render partial: "seats/poll", locals: { poll: poll, answer: (taken unless poll.anonymous?), said: poll.kept }
  end

  private

  # A text, or a list of texts; what it may be is the core's to say.
  def answer = params[:choice].is_a?(Array) ? params[:choice].map(&:to_s) : params[:choice].to_s
end
