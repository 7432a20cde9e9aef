# An activity that was sent to the class's devices. Each has one at a time: what was sent before to the same ones is taken
# back, and whoever plays it plays on.
class Sending < ApplicationRecord
  include Sent

  belongs_to :activity

  class << self
    # seats: ids of seats, or nil for all. Raises Usher::Invalid where the doors are shut or nobody is meant.
    def out(activity, sitting, seats: nil)
      seats = meant_for(sitting, seats)
      transaction do
        sitting.sendings.standing.select { |sent| seats.nil? || (sent.seats && (sent.seats - seats).empty?) }.each(&:take_back)
        create!(sitting: sitting, activity: activity, seats: seats).tap(&:tell)
      end
    end
  end
end
