# One go at an activity, kept move by move.
class Attempt < ApplicationRecord
  belongs_to :activity
  belongs_to :seat, optional: true

  def play = Usher::Activities::Play.new(activity.kind_of, seed, moves)

  # Marks and keeps one move: true or false. Raises Usher::Invalid.
  def move(given)
    right, finished = false
    with_lock do
      board = play
      right = board.make(given)
      finished = board.done? && finished_at.nil?
      update!(moves: moves + [ given ], placed: board.placed.size, misses: board.misses, score: board.score,
        finished_at: finished_at || (Time.current if board.done?))
    end
    seat&.tell_board
    note
    right
  end

  # A go at the wall is part of the lesson's log.
  def note = (Event.note(activity.lesson, "play", { "title" => activity.title, "placed" => placed, "size" => size, "misses" => misses }) unless seat)

  def done? = finished_at.present?

  # Seconds from the deal to the end, or to now.
  def seconds = ((finished_at || Time.current) - created_at).round
end
