# An answer to a poll, as the core keeps it. Of an anonymous poll it has no seat.
class Answer < ApplicationRecord
  include Walled

  attribute :value, PlainJson.new

  belongs_to :poll
  belongs_to :seat, optional: true

  # One statement, since three hundred may come within two seconds: nothing where the poll is closed by then.
  KEEP = <<~SQL.squish.freeze
    INSERT INTO answers (poll_id, seat_id, value, created_at, updated_at)
      SELECT id, :seat, :value, :now, :now FROM polls WHERE id = :poll AND closed_at IS NULL
      ON CONFLICT (poll_id, seat_id) DO UPDATE SET value = excluded.value, updated_at = excluded.updated_at
  SQL

  # In place of what this seat had said before. Answers whether the poll was open still.
  def keep
    said = self.class.attribute_types["value"].serialize(value)
    self.class.connection.update(self.class.sanitize_sql([ KEEP, { seat: seat_id, value: said, now: Time.current, poll: poll_id } ]), "Answer Keep").positive?
  end

  # On a wall.
  def key = id
  def maker = seat&.name
  def wall_words = poll.core.words(value)
end
