class Lessons::TakesController < Lessons::BaseController
  def create
    take = Take.start(lesson, page_shown)
    render json: { take: take.id }
  end
end
