# Something sent to seats, until it is taken back.
module Sent
  extend ActiveSupport::Concern

  included do
    include Meant

    scope :standing, -> { where(taken_back_at: nil) }
  end

  class_methods do
    # What a seat has been sent, as long as the doors are open.
    def to(seat) = standing.where(sitting: Sitting.open.where(id: seat.sitting_id)).order(:id).select { |sent| sent.for?(seat) }
  end

  def take_back
    update!(taken_back_at: Time.current)
    tell
  end

  # The devices look at what is for them, the boards at who has it.
  def tell
    ApplicationRecord.current_transaction.after_commit do
      sitting.device_feed.publish(sent: true)
      sitting.tell_boards(roll: true)
    end
  end
end
