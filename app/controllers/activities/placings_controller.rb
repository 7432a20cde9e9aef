# Step three: a card for the activity on the page the lesson was left at, or, when it lies on pages already, those
# cards brought up to date. The board hears of it as of every change.
class Activities::PlacingsController < ApplicationController
  for_teachers

  def create
    activity = access.activities.find(params[:activity_id])
    page = activity.place(by: teacher)
    return redirect_to lesson_path(activity.lesson, page: page.id), status: :see_other unless htmx?
    response.headers["HX-Trigger"] = "placed"
    head :no_content
  end
end
