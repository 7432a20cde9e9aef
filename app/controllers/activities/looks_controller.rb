# Step two: the activity exactly as students get it.
class Activities::LooksController < ApplicationController
  include Plays

  include ActivityContent

  skip_before_action :require_anyone
  for_teachers

  def show
    @activity = access.activities.find(params[:activity_id])
    @attempt = @activity.deal
  end
end
