# Marks of a student's go by the teacher's hand.
class Attempts::RemarksController < ApplicationController
  for_teachers

  def update
    attempt = access.results.find(params[:attempt_id])
    attempt.remark(params.fetch(:remarks, {}).then { |given| given.respond_to?(:to_unsafe_h) ? given.to_unsafe_h : {} })
    redirect_to attempt_replay_path(attempt, said: true), status: :see_other
  end
end
