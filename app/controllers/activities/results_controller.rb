# How the class did in an activity, as a table or as CSV.
class Activities::ResultsController < ApplicationController
  for_teachers
  include ActivityContent

  def show
    activity = access.activities.find(params[:activity_id])
    @results = Activity::Results.new(activity, params[:edition])
    respond_to do |format|
      format.html
      format.csv { send_data @results.to_csv, filename: "#{activity.title.parameterize.presence || 'results'}.csv" }
    end
  end
end
