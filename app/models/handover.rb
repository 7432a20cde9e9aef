# A lesson that waits on a colleague's desk until they take it, or say that it is not for them. Until then it stays its
# teacher's. Named by address, so that it does not say who has an account here.
class Handover < ApplicationRecord
  belongs_to :lesson

  normalizes :address, with: ->(address) { address.strip.downcase }
  validates :address, format: { with: Teacher::ADDRESS, message: "That does not look like an email address." }, length: { maximum: 200 }
  validate { errors.add(:address, "That is your own address.") if address == lesson.teacher.email }

  scope :standing, -> { joins(:lesson).merge(Lesson.kept) }

  # Offers a lesson to whoever has this address; to another one, where it was offered before. Raises ActiveRecord::RecordInvalid.
  def self.offer(lesson, address)
    transaction do
      lesson.handover&.destroy!
      create!(lesson: lesson, address: address.to_s)
    end.tap { |made| Teacher.find_by(email: made.address)&.then { |colleague| AccountMailer.handed(colleague, lesson.teacher).deliver_later } }
  end

  # It becomes theirs, with all that happened in it.
  def take(teacher)
    transaction do
      destroy!
      lesson.give_to(teacher)
    end
  end
end
