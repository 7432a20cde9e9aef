# A fresh go, or (resume) the one left unfinished: on the board for a teacher, in a seat for a student.
class Activities::AttemptsController < ApplicationController
  for_teachers_and_students

  def create
    door = params[:as] == "seat" ? student_access : access
    activity = door.activities.find(params[:activity_id])
    attempt = params[:resume] ? activity.resume(seat: door.seat) : activity.deal(seat: door.seat)
    attempt.seat&.tell_board
    render partial: "attempts/attempt", locals: { attempt: attempt, verdict: nil }
  end
end
