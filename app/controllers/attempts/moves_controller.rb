class Attempts::MovesController < ApplicationController
  for_teachers_and_students

  def create
    attempt = reach { |access| access.attempts.find_by(id: params[:attempt_id]) }
    move = JSON.parse(params[:move].to_s.first(2_000), max_nesting: 5)
    right = attempt.move(move)
    render partial: "attempts/attempt", locals: { attempt: attempt, verdict: { right: right, move: move } }
  rescue JSON::ParserError
    raise Usher::Invalid, "That move did not arrive whole. Try it again."
  end
end
