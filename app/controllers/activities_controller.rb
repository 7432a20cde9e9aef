class ActivitiesController < ApplicationController
  for_teachers
  include ActivityContent

  before_action { @activity = access.activities.find(params[:id]) }

  def edit = @form = Activity::Form.new(@activity)
  def update = keep(@activity)
end
