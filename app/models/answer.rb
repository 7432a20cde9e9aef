# An answer to a poll, as the core keeps it. Of an anonymous poll it has no seat.
class Answer < ApplicationRecord
  attribute :value, PlainJson.new

  PILE = 40 # characters

  belongs_to :poll
  belongs_to :seat, optional: true

  normalizes :pile, with: ->(name) { PlainName.of(name).first(PILE).presence }
end
