# An answer to a poll, as the core keeps it. Of an anonymous poll it has no seat.
class Answer < ApplicationRecord
  include Walled

  attribute :value, PlainJson.new

  belongs_to :poll
  belongs_to :seat, optional: true

  # On a wall.
  def key = id
  def maker = seat&.name
  def wall_words = poll.core.words(value)
end
