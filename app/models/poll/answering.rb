# What comes back, and from whom. Of an anonymous question nobody can tell, the database neither: an answer has no seat, no
# time and a number by chance; that a seat has answered is kept apart from it, without an order.
module Poll::Answering
  # Takes or changes a student's answer. An anonymous one is sent once, for nobody could find it again. Raises
  # Usher::Invalid.
  def take_answer(seat, raw)
    raise Usher::Invalid, "This question is for others." unless for?(seat)
    value = core.accept(raw)
    with_lock do
      raise Usher::Invalid, "The poll is closed. Your last answer is kept." if closed?
      anonymous? ? take_from_nobody(seat, value) : answers.upsert({ seat_id: seat.id, value: value }, unique_by: %i[poll_id seat_id])
    end
    Poll::Redrawing.soon(self)
    seat.tell_board
  end

  # Every answer, as the core keeps it.
  def values = answers.order(:id).pluck(:value)
  def tally = core.tally(values)

  # The seats that have answered.
  def seats_answered = anonymous? ? answered : answers.pluck(:seat_id)
  def answered_by?(seat) = anonymous? ? answered.include?(seat.id) : answers.exists?(seat: seat)

  private

  def take_from_nobody(seat, value)
    raise Usher::Invalid, "You have answered. Nobody knows which answer is yours, so it stays." if answered.include?(seat.id)
    update!(answered: (answered + [ seat.id ]).sort)
    answers.insert!({ id: SecureRandom.random_number(1..2**52), value: value, created_at: created_at, updated_at: created_at }, record_timestamps: false)
  end
end
