# A link by which anybody may read a lesson, or what a class made of it, until it is withdrawn.
class Share < ApplicationRecord
  belongs_to :lesson
  belongs_to :sitting, optional: true
  has_secure_token :token, length: 32

  scope :standing, -> { where(withdrawn_at: nil) }

  # The one that stands; where two are asked for at the same moment, both get the first.
  def self.of(lesson, sitting = nil)
    lesson.share(sitting) || lesson.shares.create!(sitting: sitting)
  rescue ActiveRecord::RecordNotUnique
    lesson.share(sitting)
  end

  def withdraw = update!(withdrawn_at: Time.current)

  # The lesson as PDF, made once for each state it is in.
  def pdf(**turn) = LessonPrint.new(lesson, *sitting&.layer).pdf(**turn)
end
