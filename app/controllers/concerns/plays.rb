# Shows a go at an activity to whoever plays it.
module Plays
  extend ActiveSupport::Concern

  included do
    for_teachers_and_students
    helper_method :again_path
  end

  private

  # The go in the address, for the one it belongs to.
  def attempt
    @attempt ||= reach { |access| access.attempts.find_by(id: params[:attempt_id] || params[:id]) }.tap do |found|
      found.participant.seat = seat if seat && found.participant&.seat_id == seat.id # who asks is known
    end
  end

  # solved: how it is solved, which a teacher may show at the wall at any time.
  def show_go(attempt, outcome: nil, solved: false)
    seen = attempt.seen(solved: solved, all: solved && attempt.participant.nil?)
    render partial: "attempts/attempt", formats: [ :html ], locals: { attempt: attempt, seen: seen, outcome: outcome }
  end

  # Where a fresh deal of the same activity comes from.
  def again_path(attempt)
    activity_attempts_path(attempt.activity, as: attempt.participant ? "seat" : "wall", sitting: attempt.layer&.sitting_id)
  end
end
