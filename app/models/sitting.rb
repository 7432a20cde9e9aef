# One live lesson: the doors are open, and devices follow the page it stands at.
class Sitting < ApplicationRecord
  belongs_to :lesson
  belongs_to :page
  has_many :polls, dependent: :destroy
  has_many :seats, dependent: :destroy

  # Doors somebody forgot to shut do not stand open for ever.
  LONGEST = 12.hours

  scope :open, -> { where(shut_at: nil) }
  scope :forgotten, -> { open.where(opened_at: ...LONGEST.ago) }

  # Opens the doors of a lesson; when they are open already, that sitting goes on.
  def self.open_doors(lesson, page)
    lesson.sitting || begin
      create!(lesson: lesson, page: page, code: free_code, opened_at: Time.current)
    rescue ActiveRecord::RecordNotUnique
      retry
    end
  end

  def self.free_code
    loop { Usher::Classroom::Code.draw.then { |code| return code unless open.exists?(code: code) } }
  end
  private_class_method :free_code

  # The open sitting a typed code belongs to, or nil.
  def self.behind(typed)
    code = Usher::Classroom::Code.read(typed)
    open.find_by(code: code) if code
  end

  def open? = shut_at.nil?

  def turn_to(page)
    update!(page: page)
    lesson.device_feed.publish(turn: page.id)
  end

  def shut
    update!(shut_at: Time.current)
    polls.asking.update_all(closed_at: Time.current)
    lesson.device_feed.publish(shut: true)
  end

  # A seat for this name; two of the same name get a number.
  def seat_for(name)
    taken = seats.pluck(:name)
    free = [ name, *(2..taken.size + 1).map { |number| "#{name} #{number}" } ].find { |one| taken.exclude?(one) }
    seats.create!(name: free).tap(&:tell_board)
  end

  def poll = polls.asking.last
end
