# The page the class looks at, and what can be done on it.
class Seats::PagesController < Seats::BaseController
  def show
    @mark = sitting.device_feed.mark
    showing = student_access.showing(params[:page]) or raise ActiveRecord::RecordNotFound
    render partial: "seats/page", locals: { showing: showing, mark: @mark }
  end
end
