# One class's going through a lesson. It begins when the lesson is first taught; everything done in Teach lies in
# its layer. While its doors are open the class's devices follow the page it stands at. At its end what it wrote is
# kept, wiped or taken into the lesson; what is kept can be gone on with.
class Sitting < ApplicationRecord
  include Doors, Arrivals, Allowing, Groups, Held, Ending, Feeds, Prompting

  belongs_to :lesson
  belongs_to :page
  # In the order in which they can be deleted: copies lie over the sitting's layer.
  has_many :copies, -> { where(kind: %w[seat group]) }, class_name: "Layer", dependent: :destroy, inverse_of: :sitting
  has_many :seats, dependent: :destroy
  has_one :layer, -> { where(kind: "sitting") }, inverse_of: :sitting, dependent: :destroy
  has_many :polls, dependent: :destroy
  has_many :sendings, dependent: :delete_all
  has_many :shares, dependent: :destroy
  has_many :class_tools, dependent: :delete_all
  has_many :handouts, dependent: :delete_all

  normalizes :title, with: PlainName.method(:of)
  validates :title, length: { maximum: 60, message: "The name of a class has at most 60 characters." }

  scope :current, -> { where(ended_at: nil) }

  after_create { lesson.prepared.over("sitting", sitting: self) }

  class << self
    # The sitting that a lesson is taught in, from this page on. One that is being held, or has its doors open,
    # stays at its own page: whoever comes later comes to where the class is.
    def teach(lesson, page)
      of(lesson, page).tap { |sitting| sitting.turn_to(page) unless sitting.open? || sitting.held? || sitting.page_id == page.id }
    end

    # Another class begins at the same time.
    def teach_beside(lesson, page)
      lesson.sitting ? create!(lesson: lesson, page: page, began_at: Time.current, beside: true) : teach(lesson, page)
    end

    private

    # The one that goes on; where two begin it at the same moment, both get the first. One that nobody has held for
    # long is over, and kept.
    def of(lesson, page)
      lesson.sitting&.then { |sitting| sitting.left_alone? ? sitting.close : (return sitting) }
      create!(lesson: lesson, page: page, began_at: Time.current)
    rescue ActiveRecord::RecordNotUnique
      lesson.sitting
    end
  end

  # operation: the client's id of the turn, by which a board knows its own.
  def turn_to(page, operation: nil)
    tick if held?
    update!(page: page)
    ApplicationRecord.current_transaction.after_commit { [ wall_feed, *(device_feed if open?) ].each { |feed| feed.publish(turn: page.id, operation: operation) } }
  end

  def poll = polls.asking.last

  # The pages that devices may be shown: the one it stands at, and, where students turn freely, all it has been on.
  def shown_pages = paging? ? [ page_id, *times.keys.map(&:to_i) ].uniq : [ page_id ]

  # Which class it was, in words.
  def name = title.presence || "Class of #{began_at.strftime('%-d %B, %H:%M')}"
end
