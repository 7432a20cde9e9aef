# The page the class looks at, and what can be done on it.
class Seats::PagesController < Seats::BaseController
  def show
    @mark = sitting.lesson.device_feed.mark
    render partial: "seats/page", locals: { page: sitting.page, mark: @mark }
  end
end
