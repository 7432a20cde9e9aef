# One student's place in a sitting, kept when the device drops off and comes back.
class Seat < ApplicationRecord
  include Allowed, Bounded, Coming, Forgetting

  at_most 400, per: :sitting_id, words: "This class is full. Ask your teacher."

  belongs_to :sitting
  belongs_to :student, optional: true
  has_many :answers, dependent: :destroy
  has_one :participant, dependent: :destroy
  has_many :attempts, through: :participant
  has_secure_token :token, length: 36

  normalizes :name, with: PlainName.method(:of)
  validates :name, presence: { message: "Type your name so that your teacher knows who you are." },
    length: { maximum: 30, message: "A name here has at most 30 characters." }

  delegate :lesson, to: :sitting

  # The one that a browser is known by, or nil; its sitting with it, because whoever asks needs that next.
  def self.behind(token) = find_by(token: token)&.tap { |seat| seat.association(:sitting).target = Sitting.find_by(id: seat.sitting_id) }

  # Whether the doors it came in by are open still. Another class comes in by another code.
  def let_in? = out.nil? && !waiting? && sitting.open? && code == sitting.code

  # Under which the class's feed speaks to it alone.
  def address = "seat:#{id}"

  # Presence is for now, not for keeping: it lives in Live::Counts (this process's memory, or Redis),
  # so that thirty devices coming in at once are not thirty writes to disk. Counted, since one seat
  # may be open in two tabs.
  def here? = Live::Counts.store.read(presence, raw: true).to_i.positive?

  def arrive
    Live::Counts.store.increment(presence, 1, expires_in: 1.day)
    tell_board
  end

  def leave
    Live::Counts.store.decrement(presence, 1) if here?
    tell_board
  end

  # The teacher's board looks again at who is in and what they did.
  def tell_board = sitting.tell_boards(roll: true)

  private

  def presence = "seat:#{id}:here"
end
