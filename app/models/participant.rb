# Whoever plays an activity: a seat in a sitting.
class Participant < ApplicationRecord
  belongs_to :seat, optional: true
  has_many :attempts, dependent: :destroy

  # Of a seat; made when it first plays.
  def self.of(seat) = find_or_create_by!(seat: seat)

  delegate :name, to: :seat
end
