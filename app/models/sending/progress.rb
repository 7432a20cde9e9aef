# Who is where in an activity, in a sitting: each seat with the go to show, and how many have begun and are done.
class Sending::Progress
  attr_reader :activity, :sitting, :sending

  def initialize(activity, sitting)
    @activity, @sitting = activity, sitting
    @sending = sitting.sendings.standing.where(activity: activity).order(:id).last
  end

  # [[Seat, Attempt or nil], ...]
  def rows = @rows ||= Roll.new(sitting).rows.map { |row| [ row.seat, row.attempts[activity.id] ] }

  # How many of those in here it was sent to.
  def meant = rows.count { |seat, _| sending.for?(seat) }

  def here = rows.count { |seat, _| seat.here? }
  def done = goes.count(&:ended)
  def playing = goes.size - done
  def begun? = goes.any?

  private

  def goes = @goes ||= rows.filter_map(&:last)
end
