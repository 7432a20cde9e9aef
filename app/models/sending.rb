# An activity that was sent to the class's devices: to all who are in or come in, or to some seats. One at a time: what
# was sent before is taken back, and whoever plays it plays on.
class Sending < ApplicationRecord
  attribute :seats, PlainJson.new # ids, or nil for all

  belongs_to :sitting
  belongs_to :activity

  scope :standing, -> { where(taken_back_at: nil) }

  class << self
    # seats: ids of seats, or nil for all. Raises Usher::Invalid where the doors are shut or nobody is meant.
    def out(activity, sitting, seats: nil)
      raise Usher::Invalid, "Open the doors first, so that the class can come in." unless sitting.open?
      seats &&= sitting.seats.where(id: seats).ids
      raise Usher::Invalid, "Choose who gets it." if seats == []
      transaction do
        sitting.sendings.standing.each(&:take_back)
        create!(sitting: sitting, activity: activity, seats: seats).tap(&:tell)
      end
    end

    # What a seat has been sent, as long as the doors are open.
    def to(seat) = standing.where(sitting: Sitting.open.where(id: seat.sitting_id)).order(:id).select { |sending| sending.for?(seat) }
  end

  def for?(seat) = seats.nil? || seats.include?(seat.id)

  def take_back
    update!(taken_back_at: Time.current)
    tell
  end

  # The devices look at what is for them, the boards at who is where.
  def tell
    ApplicationRecord.current_transaction.after_commit do
      sitting.device_feed.publish(sent: true)
      sitting.tell_boards(roll: true)
    end
  end
end
