# What comes back, and from whom. Of an anonymous question nobody can tell, the database neither: an answer has no seat, no
# time and a number by chance; that a seat has answered is kept apart from it, without an order.
module Poll::Answering
  # Takes or changes a student's answer, and answers with it. An anonymous one is sent once, for nobody could find it again.
  # Raises Usher::Invalid.
  def take_answer(seat, raw)
    raise Usher::Invalid, "This question is for others." unless for?(seat)
    answer = Answer.new(poll_id: id, seat_id: (seat.id unless anonymous?), value: core.accept(raw))
    raise Usher::Invalid, "The poll is closed. Your last answer is kept." unless anonymous? ? take_from_nobody(seat, answer) : answer.keep
    Poll::Redrawing.soon(self)
    seat.tell_board
    answer
  end

  # What a student is told of it.
  def kept = anonymous? ? "Kept. Nobody can tell that it is yours." : "Kept. You can change it until the poll closes."

  # Every answer, as the core keeps it.
  def values = answers.order(:id).pluck(:value)
  def tally = core.tally(values)

  # The seats that have answered.
  def seats_answered = anonymous? ? answered : answers.pluck(:seat_id)
  def answered_by?(seat) = anonymous? ? answered.include?(seat.id) : answers.exists?(seat: seat)

  private

  # Whether the poll was open still.
  def take_from_nobody(seat, answer)
    with_lock do
      next false if closed?
      raise Usher::Invalid, "You have answered. Nobody knows which answer is yours, so it stays." if answered.include?(seat.id)
      update!(answered: (answered + [ seat.id ]).sort)
      answers.insert!({ id: SecureRandom.random_number(1..2**52), value: answer.value, created_at: created_at, updated_at: created_at }, record_timestamps: false)
    end
  end
end
