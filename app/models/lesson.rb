class Lesson < ApplicationRecord
  include Binnable, Copying, StartingPoint, Facts

  belongs_to :teacher
  has_many :pages, -> { kept.order(:position, :id) }, inverse_of: :lesson
  # In the order in which they can be deleted: sittings, takes and items point at pages and activities.
  has_many :sittings, dependent: :destroy
  has_many :takes, dependent: :destroy
  has_many :shares, dependent: :destroy
  has_many :imports, dependent: :delete_all
  has_many :all_pages, class_name: "Page", dependent: :destroy
  has_many :activities, dependent: :destroy

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
      style = Usher::Page::Style::DEFAULTS.merge(style || after&.next_style || {})
      page = all_pages.create!(position: position, picture_id: Usher::Page::Paper.of(style).picture, **style)
      page.lay(items)
      page.index_words if page.picture
      page.tap { touch }
    end
  end

  # Opens a place in the running order.
  def make_room(position)
    pages.where(position: position..).update_all("position = position + 1")
    pages.reset
  end

  # Deletes these pages, with a way back; one must stay.
  def bin_pages(chosen)
    raise Usher::Invalid, "Choose the pages first." if chosen.empty?
    raise Usher::Invalid, "A lesson keeps at least one page." if (pages - chosen).empty?
    transaction { chosen.each(&:bin) }
    pages.reset
    touch
  end

  # Brings these pages, in their order, to a place in the running order, counted from one among the others.
  def arrange_pages(chosen, number)
    transaction do
      others = pages.reject { |page| chosen.include?(page) }
      others.insert((number - 1).clamp(0, others.size), *chosen)
      others.each_with_index { |page, index| page.update_columns(position: index + 1) if page.position != index + 1 }
      pages.reset
      touch
    end
  end

  # Pages of another lesson arrive at the end of this one; moved, they leave the other for the bin, which
  # gives them back. Answers with the copies.
  def take_in(arriving, move: false)
    raise Usher::Invalid, "Choose the pages first." if arriving.empty?
    transaction do
      copies = Page.copy_all(arriving, self, position: pages.size + 1)
      arriving.first.lesson.bin_pages(arriving) if move
      copies
    end
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
