# Another activity of the same kind with the same content, to be changed.
class Activities::CopiesController < ApplicationController
  for_teachers
  include ActivityContent

  def create
    activity = access.activities.find(params[:activity_id])
    copy = activity.copy_to(activity.lesson)
    redirect_to edit_activity_path(copy), status: :see_other
  end
end
