# Something that a sitting puts to its seats: to all who are in or come in, or to some of them.
module Meant
  extend ActiveSupport::Concern

  included do
    attribute :seats, PlainJson.new # ids, or nil for all
    belongs_to :sitting
  end

  class_methods do
    # seats: ids, or nil for all. Answers with those of them that are this sitting's. Raises Usher::Invalid where the doors
    # are shut or nobody is meant.
    def meant_for(sitting, seats)
      raise Usher::Invalid, "Open the doors first, so that the class can come in." unless sitting.open?
      seats &&= sitting.seats.where(id: seats).ids
      raise Usher::Invalid, "Choose who gets it." if seats == []
      seats
    end
  end

  def for?(seat) = seats.nil? || seats.include?(seat.id)

  # How many it is for.
  def meant = seats ? seats.size : sitting.seats.count
end
