class ActivitiesController < ApplicationController
  for_teachers
  include ActivityContent

  before_action { @activity = access.activities.find(params[:id]) }

  def edit = nil
  def update = keep(@activity)
end
