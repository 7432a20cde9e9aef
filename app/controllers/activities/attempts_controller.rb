# A fresh go, or (resume) the one that was left: a student's own, or the wall's in a sitting, or one that a teacher
# only tries out.
class Activities::AttemptsController < ApplicationController
  include Plays

  def create
    door = params[:as] == "seat" ? student_access : access
    activity = door.activities.find(params[:activity_id])
    whose = { to: door.participant, layer: layer(door, activity) }
    attempt = params[:resume] ? activity.resume(**whose) : activity.deal(**whose)
    show_go(attempt)
  end

  private

  def layer(door, activity)
    return if door.participant || params[:sitting].blank?
    door.sittings.current.find_by(id: params[:sitting], lesson_id: activity.lesson_id)&.layer or raise Usher::Invalid, "This lesson is not held any more. Open Teach again."
  end
end
