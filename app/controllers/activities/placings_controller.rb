# Step three: a card for the activity on the page the lesson was left at, or, when it lies on pages
# already, those cards brought up to date.
class Activities::PlacingsController < ApplicationController
  for_teachers

  def create
    activity = access.activities.find(params[:activity_id])
    page = activity.place(by: teacher)
    redirect_to lesson_path(activity.lesson, page: page.id), status: :see_other
  end
end
