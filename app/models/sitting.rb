# One class's going through a lesson. It begins when the lesson is first taught; everything done in Teach lies in
# its layer. While its doors are open the class's devices follow the page it stands at.
class Sitting < ApplicationRecord
  belongs_to :lesson
  belongs_to :page
  has_one :layer, -> { where(kind: "sitting") }, inverse_of: :sitting, dependent: :destroy
  has_many :polls, dependent: :destroy
  has_many :seats, dependent: :destroy
  has_many :sendings, dependent: :delete_all

  # Doors somebody forgot to shut do not stand open for ever.
  LONGEST = 12.hours
  AGAIN = 10.minutes # doors shut by mistake open for the same class
  SHUT = %("shut":true}).freeze # how a message ends by which devices know that the doors are shut

  scope :current, -> { where(ended_at: nil) }
  scope :open, -> { where.not(opened_at: nil).where(shut_at: nil) }
  scope :forgotten, -> { open.where(opened_at: ...LONGEST.ago) }

  after_create { lesson.prepared.over("sitting", sitting: self) }

  class << self
    # The sitting that a lesson is taught in, from this page on. One that is being held, or has its doors open,
    # stays at its own page: whoever comes later comes to where the class is.
    def teach(lesson, page)
      of(lesson, page).tap { |sitting| sitting.turn_to(page) unless sitting.open? || sitting.held? || sitting.page_id == page.id }
    end

    # Opens the doors of a lesson; when they are open already, that sitting goes on.
    def open_doors(lesson, page)
      sitting = teach(lesson, page)
      sitting.open? ? sitting : sitting.tap(&:open)
    end

    # The open sitting a typed code belongs to, or nil.
    def behind(typed)
      code = Usher::Classroom::Code.read(typed)
      self.open.find_by(code: code) if code
    end

    def free_code
      loop { Usher::Classroom::Code.draw.then { |code| return code unless self.open.exists?(code: code) } }
    end

    private

    # The one that goes on; where two begin it at the same moment, both get the first.
    def of(lesson, page)
      lesson.sitting || create!(lesson: lesson, page: page, began_at: Time.current)
    rescue ActiveRecord::RecordNotUnique
      lesson.sitting
    end
  end

  def open? = opened_at.present? && shut_at.nil?

  def open
    update!(code: by_mistake? ? code : self.class.free_code, opened_at: Time.current, shut_at: nil, locked: false)
    tell_boards(roll: true)
  rescue ActiveRecord::RecordNotUnique
    retry
  end

  # operation: the client's id of the turn, by which a board knows its own.
  def turn_to(page, operation: nil)
    update!(page: page)
    ApplicationRecord.current_transaction.after_commit { [ wall_feed, *(device_feed if open?) ].each { |feed| feed.publish(turn: page.id, operation: operation) } }
  end

  # The class goes; what it did stays with the sitting.
  def shut
    return unless open?
    update!(shut_at: Time.current)
    polls.asking.update_all(closed_at: Time.current)
    device_feed.publish(shut: true)
  end

  # The next time the lesson is taught is another sitting.
  def end
    shut
    update!(ended_at: Time.current)
  end

  # A seat for this name; two of the same name get a number.
  def seat_for(name)
    taken = seats.pluck(:name)
    free = [ name, *(2..taken.size + 1).map { |number| "#{name} #{number}" } ].find { |one| taken.exclude?(one) }
    seats.create!(name: free, code: code).tap(&:tell_board)
  rescue ActiveRecord::RecordNotUnique
    retry # somebody of the same name came in at the same moment
  end

  def poll = polls.asking.last

  # The feeds that boards in Teach, and devices, follow.
  def wall_feed = self.class.wall_feed(id)
  def self.wall_feed(id) = Live::Feed["sitting:#{id}:wall"]
  def device_feed = Live::Feed["sitting:#{id}:devices"]

  def tell_boards(**message) = [ Lesson.board_feed(lesson_id), wall_feed ].each { |feed| feed.publish(**message) }

  # Whether a board in Teach shows it at this moment. Counted in the cache, like those in seats.
  def held? = Live::Counts.store.read(held, raw: true).to_i.positive?
  def hold = Live::Counts.store.increment(held, 1, expires_in: 1.day)
  def let_go = (Live::Counts.store.decrement(held, 1) if held?)

  private

  def by_mistake? = code && shut_at && shut_at > AGAIN.ago && !self.class.open.exists?(code: code)
  def held = "sitting:#{id}:held"
end
