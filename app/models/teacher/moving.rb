# A change of address, which both addresses have to confirm: the new one, that somebody reads it, and the old one, that
# it was not somebody else's idea.
module Teacher::Moving
  extend ActiveSupport::Concern

  SIDES = { "old" => :left_old_at, "new" => :reached_new_at }.freeze

  included do
    SIDES.each_key { |side| generates_token_for(:"address_#{side}", expires_in: 3.days) { [ email, next_email ] } }
    normalizes :next_email, with: ->(email) { email.strip.downcase }
    validates :next_email, format: { with: Teacher::ADDRESS, message: "That does not look like an email address." }, length: { maximum: 200 }, allow_nil: true
  end

  # Asks both addresses. Raises ActiveRecord::RecordInvalid.
  def ask_to_move(address)
    update!(next_email: address, left_old_at: nil, reached_new_at: nil)
    return AccountMailer.taken(next_email).deliver_later if Teacher.exists?(email: next_email)
    SIDES.each_key { |side| AccountMailer.moving(self, side).deliver_later }
  end

  # One side says yes. Answers with whether the address has changed now.
  def confirm_move(side)
    update!(SIDES.fetch(side) => Time.current)
    return false unless left_old_at && reached_new_at
    update!(email: next_email, next_email: nil, left_old_at: nil, reached_new_at: nil)
  end
end
