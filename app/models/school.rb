# The school that Usher runs for: one row, with what its administrator has settled.
class School < ApplicationRecord
  # How somebody gets an account. by invitation: only with the link of a letter; approval: an administrator lets them
  # in; open: whoever can open the letter that goes to their address.
  SIGN_UPS = { "invitation" => "By invitation only", "approval" => "Whoever asks and is let in", "open" => "Whoever has an email address" }.freeze
  KEEP_DAYS = 1..1_100
  INVITED_FOR = 7.days

  validates :sign_up, inclusion: { in: SIGN_UPS.keys, message: "Choose how accounts are made." }
  validates :keep_days, numericality: { only_integer: true, in: KEEP_DAYS, message: "Students’ work is kept for #{KEEP_DAYS.min} to #{KEEP_DAYS.max} days." }

  class << self
    def current = first || new

    # Whether it has accounts of its own by which teachers sign in (SchoolLogin).
    def accounts? = ENV["USHER_OIDC_ISSUER"].present?

    # A token by which this address may make an account.
    def invitation(email) = verifier.generate(email.to_s.strip.downcase, expires_in: INVITED_FOR, purpose: :invitation)

    # The address that a token invites, or nil.
    def invited(token) = (verifier.verified(token, purpose: :invitation) if token.is_a?(String))

    private

    def verifier = Rails.application.message_verifier(:school)
  end

  # Seats whose work has been kept long enough. A sitting may go on for weeks; a seat is one day's.
  def outlived = Seat.where(created_at: ...keep_days.days.ago)
end
