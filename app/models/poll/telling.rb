# Who is told of a question, and what.
module Poll::Telling
  # What is to be seen of it on the wall becomes part of the lesson's log.
  def note = Event.note(sitting.lesson, "poll", closed? ? {} : seen, page: page)

  # The bars as they stand: { choice in words => count }.
  def counts = core.shown_as == "bars" ? tally.rows.to_h { |row| [ row.choice.to_s, row.count ] } : {}

  def tell_devices
    ApplicationRecord.current_transaction.after_commit { sitting.device_feed.publish(poll: true) }
  end

  # Boards look at the roll again.
  def tell_boards
    ApplicationRecord.current_transaction.after_commit { sitting.tell_boards(roll: true) }
  end

  private

  def seen = { "title" => title, "choices" => counts.keys, "revealed" => revealed?, **(revealed? ? { "counts" => counts } : {}) }
end
