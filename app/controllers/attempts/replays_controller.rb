# A student's go, move by move, for the teacher of the lesson.
class Attempts::ReplaysController < ApplicationController
  for_teachers
  include ActivityContent

  def show
    @attempt = access.results.find(params[:attempt_id])
    @count = @attempt.moves.size
    @at = (Integer(params[:at].to_s, 10, exception: false) || @count).clamp(0, @count)
    @seen = Usher::Activities::Seen.new(@attempt.play_after(@at), all: true)
  end
end
