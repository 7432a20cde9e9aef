# One student's place in a sitting, kept when the device drops off and comes back.
class Seat < ApplicationRecord
  belongs_to :sitting
  has_many :answers, dependent: :destroy
  has_many :attempts, dependent: :destroy
  has_secure_token :token, length: 36

  normalizes :name, with: ->(name) { name.squish }
  validates :name, presence: { message: "Type your name so that your teacher knows who you are." },
    length: { maximum: 30, message: "A name here has at most 30 characters." }

  delegate :lesson, to: :sitting

  def here? = connections.positive?

  # Counted, since one seat may be open in two tabs.
  def arrive = counted(1)
  def leave = counted(-1)

  # The teacher's board looks again at who is in and what they did.
  def tell_board = lesson.board_feed.publish(roll: true)

  private

  def counted(step)
    self.class.where(id: id).update_all([ "connections = MAX(connections + ?, 0)", step ])
    tell_board
  end
end
