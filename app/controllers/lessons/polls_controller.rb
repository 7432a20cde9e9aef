class Lessons::PollsController < Lessons::BaseController
  layout false

  def create
    raise Usher::Invalid, "Open the doors first, so that the class can answer." unless lesson.open_sitting
    @poll = Poll.ask(lesson.open_sitting, Integer(params[:letters], exception: false))
    render "polls/show"
  end
end
