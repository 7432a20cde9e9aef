class Teacher < ApplicationRecord
  MOST_HOSTS = 50

  attribute :hosts, PlainJson.new
  attribute :preferences, StoredDocument.new(:preferences)

  has_secure_password

  has_many :lessons, dependent: :destroy
  has_many :pictures, dependent: :destroy
  has_many :assets, dependent: :destroy
  has_many :bank_questions, dependent: :delete_all
  has_many :clippings, dependent: :delete_all

  normalizes :email, with: ->(email) { email.strip.downcase }
  normalizes :name, with: PlainName.method(:of)

  validates :name, presence: { message: "Tell us your name." }, length: { maximum: 80 }
  validates :email, format: { with: /\A[^@\s]+@[^@\s]+\z/, message: "That does not look like an email address." },
    length: { maximum: 200 }, uniqueness: { message: "Somebody signed up with this address already." }
  validates :password, length: { minimum: 10, message: "A password needs at least ten characters." }, allow_nil: true

  # What was set, over what is usual.
  def preferences = Usher::Preferences::DEFAULTS.merge(super)

  # set: some preferences, as Usher::Preferences checks them.
  def prefer(set) = update!(preferences: preferences.merge(Usher::Preferences.check(set)))

  # Whether pages of this address may be shown in frames of this teacher's lessons.
  def frames?(address) = hosts.include?(host_of(address))

  # Allows it from now on.
  def allow_host(address)
    host = host_of(address) or raise Usher::Invalid, "Only pages whose address begins with https:// can be shown in a frame."
    raise Usher::Invalid, "You allow more hosts than Usher keeps." if hosts.size >= MOST_HOSTS
    update!(hosts: hosts | [ host ])
  end

  # Not any more, from when a lesson is next opened.
  def forbid_host(host) = update!(hosts: hosts - [ host ])

  # How the log names this person.
  def actor = "teacher:#{id}"

  private

  # Only an encrypted page of a host's usual port can be framed. The name is checked, because it becomes
  # part of the Content-Security-Policy.
  def host_of(address)
    uri = URI.parse(address.to_s)
    uri.host.downcase if uri.is_a?(URI::HTTPS) && uri.port == 443 && uri.userinfo.nil? && uri.host.to_s.match?(/\A[a-z0-9.-]{1,253}\z/i)
  rescue URI::InvalidURIError
    nil
  end
end
