# Step two: the activity exactly as students get it.
class Activities::LooksController < ApplicationController
  for_teachers

  def show
    @activity = access.activities.find(params[:activity_id])
    @attempt = @activity.deal
  end
end
