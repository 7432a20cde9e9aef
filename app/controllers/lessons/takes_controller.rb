class Lessons::TakesController < Lessons::BaseController
  def create
    take = Take.start(access.showing(page_shown, params[:sitting]))
    render json: { take: take.id }
  end
end
