# A recording of a lesson: what was to be seen, as it happened, and the voice.
class Take < ApplicationRecord
  include Recording, Screening, Voice

  STATES = %w[recording making ready failed].freeze
  LONGEST = 12.hours.in_milliseconds

  belongs_to :lesson
  belongs_to :page
  belongs_to :layer, optional: true # the uppermost of those it shows
  has_many :operations, dependent: :nullify
  has_many :events, dependent: :nullify
  has_many :cels, dependent: :delete_all
  has_many :chunks, -> { order(:from_ms) }, inverse_of: :take, dependent: :delete_all

  validates :title, presence: true, length: { maximum: 120, message: "A title has at most 120 characters." }
  validates :state, inclusion: { in: STATES }

  scope :recording, -> { where(state: "recording") }
  scope :newest, -> { order(created_at: :desc) }

  STATES.each { |name| define_method(:"#{name}?") { state == name } }

  # showing: the page that the board shows as it begins.
  def self.start(showing)
    lesson = showing.page.lesson
    transaction do
      create!(lesson: lesson, page: showing.page, layer: showing.viewer.layer, title: "#{lesson.title.truncate(90)}, #{Time.current.strftime('%-d %B %H:%M')}").tap(&:open)
    end
  end

  # Stops it; what it takes to play it is made in the background. trail: the pointer's path, as
  # Usher::Takes::Trail reads it. Raises Usher::Invalid, and then it goes on.
  def stop(length_ms, trail: [])
    Usher::Takes::Trail.read(trail)
    update!(state: "making", length_ms: length_ms, trail: trail)
    TakeJob.perform_later(self)
  end

  def make
    join_voice
    cut
    update!(state: "ready")
  rescue StandardError => error
    give_up
    raise error
  end

  def give_up = update!(state: "failed")
end
