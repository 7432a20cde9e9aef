# A recording of a lesson: the log's operations with their times, and the voice.
class Take < ApplicationRecord
  include Voice

  STATES = %w[recording making ready failed].freeze
  LONGEST = 12.hours.in_milliseconds

  belongs_to :lesson
  belongs_to :page
  has_many :operations, dependent: :nullify
  has_one_attached :reel

  validates :title, presence: true, length: { maximum: 120, message: "A title has at most 120 characters." }
  validates :state, inclusion: { in: STATES }

  scope :newest, -> { order(created_at: :desc) }

  STATES.each { |name| define_method(:"#{name}?") { state == name } }

  def self.start(lesson, page)
    create!(lesson: lesson, page: page, title: "#{lesson.title.truncate(90)}, #{Time.current.strftime('%-d %B %H:%M')}")
  end

  # Stops it; what it takes to play it is made in the background. trail: the pointer's way, as
  # Usher::Takes::Trail reads it. Raises Usher::Invalid, and then it goes on.
  def stop(length_ms, trail: [])
    Usher::Takes::Trail.read(trail)
    update!(state: "making", length_ms: length_ms, trail: trail)
    TakeJob.perform_later(self)
  end

  def make
    join_voice
    reel.attach(io: StringIO.new(JSON.generate(Reading.new(self).reel)), filename: "reel.json", content_type: "application/json", identify: false)
    update!(state: "ready")
  rescue StandardError => error
    update!(state: "failed")
    raise error
  end
end
