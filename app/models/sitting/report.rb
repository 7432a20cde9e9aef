require "csv"

# What is left of a sitting for its teacher: who was in and when, what each answered and did; as a table, too.
class Sitting::Report
  Row = Struct.new(:seat, :answers, :attempts, :strokes)

  attr_reader :sitting

  def initialize(sitting)
    @sitting = sitting
  end

  def polls = @polls ||= sitting.polls.order(:id).to_a
  def activities = @roll_activities ||= roll.activities

  def rows
    @rows ||= roll.rows.map { |row| Row.new(row.seat, polls.map { |poll| answers.dig(poll.id, row.seat.id) }, row.attempts, strokes.fetch(row.seat.id, 0)) }
  end

  # One line a student: name, when it came, each poll, each activity's points, strokes.
  def to_csv
    CSV.generate do |csv|
      csv << [ "Name", "Came in", *polls.each_with_index.map { |poll, index| "Poll #{index + 1}: #{poll.title}" }, *activities.flat_map { |activity| [ "#{activity.title}: points", "#{activity.title}: of" ] }, "Strokes written" ].map { |cell| PlainCell.of(cell) }
      rows.each do |row|
        csv << [ row.seat.name, row.seat.created_at.strftime("%Y-%m-%d %H:%M"), *row.answers, *activities.flat_map { |activity| row.attempts[activity.id].then { |go| [ go&.points, go&.most ] } }, row.strokes ].map { |cell| PlainCell.of(cell) }
      end
    end
  end

  private

  def roll = @roll ||= Roll.new(sitting)

  # { poll => { seat => words } }; of an anonymous poll only that there is one.
  def answers
    @answers ||= polls.to_h do |poll|
      [ poll.id, poll.anonymous? ? poll.answered.to_h { |seat| [ seat, "answered" ] } : poll.answers.pluck(:seat_id, :value).to_h { |seat, value| [ seat, poll.core.words(value) ] } ]
    end
  end

  def strokes = @strokes ||= Item.where(layer: sitting.layer, gone: false).where.not(seat_id: nil).group(:seat_id).count
end
