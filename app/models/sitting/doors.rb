# The doors of a sitting: whoever has its code comes in, until they are shut.
module Sitting::Doors
  extend ActiveSupport::Concern

  # Doors somebody forgot to shut do not stand open for ever.
  LONGEST = 12.hours
  AGAIN = 12.hours # for so long doors that were shut open for the same class, with its code and seats

  included do
    scope :open, -> { where.not(opened_at: nil).where(shut_at: nil) }
    scope :forgotten, -> { open.where(opened_at: ...LONGEST.ago) }
  end

  class_methods do
    # Opens the doors of a lesson; when they are open already, that sitting goes on.
    def open_doors(lesson, page) = teach(lesson, page).tap { |sitting| sitting.open unless sitting.open? }

    # The open sitting a typed code belongs to, or nil.
    def behind(typed)
      code = Usher::Classroom::Code.read(typed)
      self.open.find_by(code: code) if code
    end

    def free_code
      loop { Usher::Classroom::Code.draw.then { |code| return code unless self.open.exists?(code: code) } }
    end
  end

  def open? = opened_at.present? && shut_at.nil?

  def open
    update!(code: again? ? code : self.class.free_code, opened_at: Time.current, shut_at: nil, locked: false)
    tell_boards(roll: true)
  rescue ActiveRecord::RecordNotUnique
    retry
  end

  # The class goes; what it did stays with the sitting.
  def shut
    return unless open?
    update!(shut_at: Time.current)
    polls.asking.update_all(closed_at: Time.current)
    device_feed.publish(shut: true)
  end

  # Whether the doors open once more for the class that was in.
  def again? = code && shut_at && shut_at > AGAIN.ago && !self.class.open.exists?(code: code)
end
