# Coming in, going out, raising a hand.
module Seat::Coming
  extend ActiveSupport::Concern

  included do
    scope :in_order, -> { order(Arel.sql("LOWER(name), name")) }
  end

  # Another name, by the teacher. Raises Usher::Invalid where somebody has it.
  def rename(name)
    name = PlainName.of(name)
    raise Usher::Invalid, "Somebody is called “#{name}” already." if sitting.seats.where.not(id: id).any? { |other| other.name.casecmp?(name) }
    update!(name: name)
    sitting.device_feed.publish(to: address, named: name)
    tell_board
  rescue ActiveRecord::RecordInvalid => error
    raise Usher::Invalid, error.record.errors.map(&:message).join(" ")
  end

  # how: "now" (it may come again) or "lesson". What was done stays.
  def send_out(how)
    update!(out: how, hand_at: nil)
    regenerate_token if how == "now" # the browser that is in is not, any more; else it is known, and stays out
    sitting.device_feed.publish(to: address, shut: true)
    tell_board
  end

  # To the seat it had, in another browser perhaps; the one that was in before is not any more.
  def come_back(code)
    raise Usher::Invalid, "Your teacher has sent you out of this lesson." if out == "lesson"
    update!(out: nil, code: code)
    regenerate_token
    tell_board
    self
  end

  # By hand: into a group of this name, or into none.
  def join_group(name)
    update!(group_name: PlainName.of(name).first(40).presence)
    sitting.device_feed.publish(to: address, fresh: true)
    tell_board
  end

  # The teacher opens to somebody who waits.
  def let_in
    update!(waiting: false)
    tell_board
  end

  def raise_hand(up)
    update!(hand_at: up ? hand_at || Time.current : nil)
    sitting.device_feed.publish(to: address, hand: up)
    tell_board
  end
end
