require "rotp"

# A second factor: codes of an app (TOTP, RFC 6238), and recovery codes for whoever lost the phone.
module Teacher::Factor
  extend ActiveSupport::Concern

  CODES = 8 # recovery codes
  DRIFT = 30 # seconds that a phone's clock may be off

  included do
    attribute :recovery, PlainJson.new
    generates_token_for(:factor, expires_in: 5.minutes) { [ password_salt.last(10), factor_at.to_i ] }
  end

  def factor? = factor_at.present?

  # A fresh secret, not asked for until a code of it was typed. Answers with the address an app reads it from.
  def begin_factor
    update!(factor_secret: self.class.vault.encrypt_and_sign(ROTP::Base32.random), factor_at: nil, factor_used_at: nil)
    totp.provisioning_uri(email)
  end

  # What is typed into an app that cannot read the picture.
  def factor_words = secret.scan(/.{1,4}/).join(" ")
  def factor_address = totp.provisioning_uri(email)

  # Switches it on with a code of the app. Answers with the recovery codes, to be shown once; nil where the code is not right.
  def confirm_factor(code)
    return unless factor_secret && code_passes?(code)
    codes = Array.new(CODES) { SecureRandom.alphanumeric(10).downcase }
    update!(factor_at: Time.current, recovery: codes.map { |one| digest(one) })
    codes
  end

  # Whether this code of the app, or recovery code, lets in. Each does once.
  def factor_passes?(code)
    typed = code.to_s.gsub(/[^0-9a-z]/i, "").downcase
    return code_passes?(typed) if typed.match?(/\A\d{6}\z/)
    with_lock { recovery.include?(digest(typed)) && update!(recovery: recovery - [ digest(typed) ]) }
  end

  def end_factor = update!(factor_secret: nil, factor_at: nil, factor_used_at: nil, recovery: [])

  class_methods do
    def vault = ActiveSupport::MessageEncryptor.new(Rails.application.key_generator.generate_key("second factor", ActiveSupport::MessageEncryptor.key_len))
  end

  private

  def secret = self.class.vault.decrypt_and_verify(factor_secret)
  def totp = ROTP::TOTP.new(secret, issuer: "Usher")
  def digest(code) = Digest::SHA256.hexdigest("#{id}:#{code}")

  def code_passes?(code)
    with_lock do
      at = totp.verify(code.to_s.delete(" "), drift_behind: DRIFT, drift_ahead: DRIFT, after: factor_used_at)
      at && update!(factor_used_at: at)
    end
  end
end
