# An answer to a poll, as the core keeps it. Of an anonymous poll it has no seat.
class Answer < ApplicationRecord
  include Walled

  attribute :value, PlainJson.new

  belongs_to :poll
  belongs_to :seat, optional: true

  # One statement, since three hundred may come within two seconds: nothing where the poll is closed by then. Prepared once.
  KEEP = <<~SQL.squish.freeze
    INSERT INTO answers (poll_id, seat_id, value, created_at, updated_at)
      SELECT id, ?2, ?3, ?4, ?4 FROM polls WHERE id = ?1 AND closed_at IS NULL
      ON CONFLICT (poll_id, seat_id) DO UPDATE SET value = excluded.value, updated_at = excluded.updated_at
      RETURNING id
  SQL

  # In place of what this seat had said before. Answers whether the poll was open still.
  def keep
    said = self.class.attribute_types["value"].serialize(value)
    self.class.connection.exec_query(KEEP, "Answer Keep", [ poll_id, seat_id, said, Time.current ], prepare: true).any?
  end

  # On a wall.
  def key = id
  def maker = seat&.name
  def wall_words = poll.core.words(value)
end
