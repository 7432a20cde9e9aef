# An activity goes to the class's devices, and who is where in it.
class Activities::SendingsController < ApplicationController
  for_teachers
  layout false

  before_action do
    @activity = access.activities.find(params[:activity_id])
    @sitting = access.sittings.current.find_by!(id: params[:sitting].to_s, lesson_id: @activity.lesson_id)
  end

  def index = show

  def create
    Sending.out(@activity, @sitting, seats: params[:some] ? Array(params[:seats]).map(&:to_s) : @sitting.whom(params[:to]))
    show
  end

  def destroy
    @sitting.sendings.standing.where(activity: @activity).each(&:take_back)
    show
  end

  private

  # In a line beside the activity, or as a sheet of who is where, whole or in part.
  def show
    render partial: params[:part].presence_in(%w[list counts names]) || "line", locals: { progress: Sending::Progress.new(@activity, @sitting) }
  end
end
