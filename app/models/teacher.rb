class Teacher < ApplicationRecord
  ADDRESS = /\A[^@\s]+@[^@\s]+\z/

  include Passwords, Moving, Factor, Handed, SchoolAccount

  MOST_HOSTS = 50

  attribute :hosts, PlainJson.new
  attribute :preferences, StoredDocument.new(:preferences)

  # In the order in which they can be deleted: lessons show files, and files their pictures.
  has_many :lessons, dependent: :destroy
  has_many :assets, dependent: :destroy
  has_many :pictures, dependent: :destroy
  has_many :bank_questions, dependent: :delete_all
  has_many :clippings, dependent: :delete_all
  has_many :sign_ins, dependent: :destroy
  has_many :class_teachers, dependent: :delete_all
  has_many :school_classes, through: :class_teachers
  after_destroy { SchoolClass.where.missing(:class_teachers).find_each(&:forget) }

  normalizes :email, with: ->(email) { email.strip.downcase }
  normalizes :name, with: PlainName.method(:of)

  validates :name, presence: { message: "Tell us your name." }, length: { maximum: 80 }
  validates :email, format: { with: ADDRESS, message: "That does not look like an email address." },
    length: { maximum: 200 }, uniqueness: { message: "Somebody signed up with this address already." }

  scope :administrators, -> { where(administrator: true) }
  scope :waiting, -> { where(let_in_at: nil) }

  attribute :let_in_at, default: -> { Time.current }
  generates_token_for(:coming_in, expires_in: 3.days) { let_in_at.to_i }

  # Whoever is the first in a school looks after it.
  before_create -> { self.administrator, self.let_in_at = true, Time.current }, if: -> { Teacher.none? }
  before_destroy -> { throw :abort if last_administrator? }, prepend: true

  def let_in? = let_in_at.present?
  def let_in = update!(let_in_at: Time.current)

  # A school with teachers has somebody who looks after it.
  def last_administrator? = administrator? && Teacher.administrators.where.not(id: id).none? && Teacher.where.not(id: id).exists?

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
  def author = nil # of ink in class: only a seat is

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
