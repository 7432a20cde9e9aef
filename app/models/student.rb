# Somebody in a class, with a code of their own to come in by.
class Student < ApplicationRecord
  belongs_to :school_class
  has_many :seats, dependent: :nullify

  normalizes :name, with: PlainName.method(:of)
  validates :name, presence: { message: "A student has a name." }, length: { maximum: Usher::Classroom::Names::LONGEST, message: "A name here has at most #{Usher::Classroom::Names::LONGEST} characters." }
  validate { errors.add(:name, "Somebody in this class is called that already.") if school_class.students.where.not(id: id).any? { |other| other.name.casecmp?(name) } }

  before_create { self.code ||= self.class.free_code }

  def self.free_code
    loop { Usher::Classroom::Code.personal.then { |code| return code unless exists?(code: code) } }
  end

  # The card was lost.
  def renew_code = update!(code: self.class.free_code)
end
