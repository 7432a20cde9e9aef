class Teacher < ApplicationRecord
  has_secure_password

  has_many :lessons, dependent: :destroy
  has_many :pictures, dependent: :destroy
  has_many :assets, dependent: :destroy
  has_many :clippings, dependent: :delete_all

  normalizes :email, with: ->(email) { email.strip.downcase }
  normalizes :name, with: ->(name) { name.squish }

  validates :name, presence: { message: "Tell us your name." }, length: { maximum: 80 }
  validates :email, format: { with: /\A[^@\s]+@[^@\s]+\z/, message: "That does not look like an email address." },
    length: { maximum: 200 }, uniqueness: { message: "Somebody signed up with this address already." }
  validates :password, length: { minimum: 10, message: "A password needs at least ten characters." }, allow_nil: true

  # What was set, over what is usual.
  def preferences = Usher::Preferences::DEFAULTS.merge(super)

  # set: some preferences, as Usher::Preferences checks them.
  def prefer(set) = update!(preferences: preferences.merge(Usher::Preferences.check(set)))

  # How the log names this person.
  def actor = "teacher:#{id}"
end
