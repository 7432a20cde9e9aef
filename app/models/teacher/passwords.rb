# Passwords that are not easily guessed, and the way back in for whoever forgot theirs.
module Teacher::Passwords
  extend ActiveSupport::Concern

  LEAST = 10 # characters
  STRONG = 2 # of 4: what cannot be guessed in the tries that a door allows

  included do
    has_secure_password
    validates :password, length: { minimum: LEAST, message: "A password needs at least ten characters." }, allow_nil: true
    validate :password_is_hard_to_guess, if: -> { password.to_s.length.between?(LEAST, 72) }
    generates_token_for(:password, expires_in: 30.minutes) { password_salt.last(10) }
    # Whoever knew the old one is out; the one who changed it comes in anew.
    after_update -> { sign_ins.destroy_all }, if: :saved_change_to_password_digest?
  end

  private

  def password_is_hard_to_guess
    require "zxcvbn"
    found = Zxcvbn.zxcvbn(password, [ name, *email.to_s.split(/[@.]/), "usher", "teacher", "school" ].compact.map(&:downcase))
    return if found["score"] >= STRONG
    reason = found.dig("feedback", "warning").to_s.delete_suffix(".").presence || "It is easily guessed"
    errors.add(:password, "That password does not do: #{reason[0].downcase + reason[1..]}. Three or four words that do not belong together are good.")
  end
end
