# Making an activity: step one of three.
class Lessons::ActivitiesController < Lessons::BaseController
  include ActivityContent

  def new
    lesson.leave_at(page: page_shown, view: nil) # its card will go there
    @activity = lesson.activities.new(kind: kind, title: "", content: {})
  end

  def create
    @activity = lesson.activities.new(kind: kind, title: params[:title].to_s)
    keep(@activity)
  end

  private

  def kind = Usher::Activities.registry.names.include?(params[:kind]) ? params[:kind] : "sort"
end
