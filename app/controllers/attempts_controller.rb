class AttemptsController < ApplicationController
  for_teachers_and_students

  def show
    attempt = reach { |access| access.attempts.find_by(id: params[:id]) }
    render partial: "attempts/attempt", locals: { attempt: attempt, verdict: nil }
  end
end
