class Lesson < ApplicationRecord
  include Binnable, Copying, StartingPoint

  belongs_to :teacher
  has_many :pages, -> { kept.order(:position, :id) }, inverse_of: :lesson
  # In the order in which they can be deleted: sittings, takes and items point at pages and activities.
  has_many :sittings, dependent: :destroy
  has_many :takes, dependent: :destroy
  has_many :shares, dependent: :destroy
  has_many :all_pages, class_name: "Page", dependent: :destroy
  has_many :activities, dependent: :destroy

  normalizes :title, :subject, :year, with: ->(text) { text.squish }
  validates :title, presence: { message: "A lesson needs a title." }, length: { maximum: 120, message: "A title has at most 120 characters." }
  validates :subject, :year, length: { maximum: 60, message: "A subject or year has at most 60 characters." }

  scope :newest, -> { order(updated_at: :desc, id: :desc) }

  # A new lesson with one empty page, ready to write on.
  def self.start(attributes)
    transaction { create!(attributes).tap { |lesson| lesson.add_page } }
  end

  def self.blank_title = "Blank board, #{Time.current.strftime('%A %H:%M')}"

  # A new page after the given one (or last), on the same paper unless `style` says another
  # (see Usher::Page::Style); items: what lies on it, as Usher::Items.build takes them.
  def add_page(after: pages.last, style: nil, items: [])
    transaction do
      position = after ? after.position + 1 : 1
      make_room(position)
      style = Usher::Page::Style::DEFAULTS.merge(style || after&.style&.except("minutes") || {})
      page = all_pages.create!(position: position, picture_id: Usher::Page::Paper.of(style).picture, **style)
      page.lay(items)
      page.tap { touch }
    end
  end

  # Opens a place in the running order.
  def make_room(position)
    pages.where(position: position..).update_all("position = position + 1")
    pages.reset
  end

  def minutes = pages.sum(&:minutes)

  # The page it was left at, or the first.
  def place_page = pages.find { |page| page.id == place["page"] } || pages.first

  # Where the board stands: { "page" => id, "view" => [x, y, width] or nil for the whole page }.
  def leave_at(page:, view:)
    update_columns(place: { page: page.id, view: view })
  end

  def sitting = sittings.open.last

  def share = shares.standing.last

  # The feeds that boards and devices of this lesson follow.
  def board_feed = Live::Feed["lesson:#{id}:board"]
  def device_feed = Live::Feed["lesson:#{id}:devices"]
end
