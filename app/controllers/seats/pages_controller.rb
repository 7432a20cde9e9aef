# The page the class looks at, and what can be done on it.
class Seats::PagesController < Seats::BaseController
  def show
    @mark = sitting.device_feed.mark
    render partial: "seats/page", locals: { showing: student_access.showing, mark: @mark }
  end
end
