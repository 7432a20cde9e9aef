# The teacher's view of a sitting: each seat, its answer to the poll, and how far it is in the
# activities on the page.
class Roll
  Row = Struct.new(:seat, :answer, :attempts)

  def initialize(sitting)
    @sitting = sitting
  end

  def rows
    @rows ||= @sitting.seats.order(:name).map { |seat| Row.new(seat, answers[seat.id], latest.fetch(seat.id, {})) }
  end

  # Hands that are up, the first one first.
  def hands = rows.map(&:seat).select(&:hand_at).sort_by(&:hand_at)

  def here = rows.count { |row| row.seat.here? }
  def poll = @poll ||= @sitting.poll
  def answered = rows.count(&:answer)

  # Those the open poll is for.
  def asked = rows.select { |row| poll.for?(row.seat) }

  # What the wall shows of the open poll: how many, and once the answers are shown which, but no name.
  def poll_now
    { id: poll.id, title: poll.title, choices: poll.counts.keys, answered: answered, of: asked.size, revealed: poll.revealed?, bars: poll.core.shown_as == "bars", counts: (poll.counts if poll.revealed?) }
  end

  # The activities that anybody in here has begun, and those on the page.
  def activities
    @activities ||= Activity.where(id: @sitting.page.showing(Viewer.teaching(@sitting)).items.reorder(nil).select(:activity_id)).or(Activity.where(id: attempts.map { |attempt| attempt.edition.activity_id })).order(:id).to_a
  end

  private

  # { seat id => the answer in words }; of an anonymous question only that there is one.
  def answers
    @answers ||= if poll.nil? then {}
    elsif poll.anonymous? then poll.answered.to_h { |seat| [ seat, "answered" ] }
    else poll.answers.pluck(:seat_id, :value).to_h { |seat, value| [ seat, poll.core.words(value) ] }
    end
  end

  # Without their deals and answers, which a glance at thirty students does not need.
  def attempts = @attempts ||= Attempt.where(participant: Participant.where(seat: @sitting.seats)).select(Attempt.column_names - %w[state]).includes(:edition, :participant).order(:id).to_a

  # { seat id => { activity id => the attempt to show } }: the last finished, or else the last begun. Whoever is just being
  # forgotten has no participant any more.
  def latest
    @latest ||= attempts.select(&:participant).group_by { |attempt| attempt.participant.seat_id }.transform_values do |mine|
      mine.group_by { |attempt| attempt.edition.activity_id }.transform_values { |goes| goes.select(&:ended).last || goes.last }
    end
  end
end
