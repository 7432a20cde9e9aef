class Lesson < ApplicationRecord
  include Binnable, Bounded, Copying, StartingPoint, Facts, Giving

  at_most 10_000, per: :teacher_id, words: "You keep ten thousand lessons. Delete some first; the bin is emptied after 30 days."

  belongs_to :teacher
  has_many :pages, -> { kept.order(:position, :id) }, inverse_of: :lesson
  has_one :prepared, -> { where(kind: "prepared") }, class_name: "Layer", inverse_of: :lesson
  # In the order in which they can be deleted: sittings, takes and items point at pages, layers and activities.
  has_many :events, dependent: :delete_all
  has_many :takes, dependent: :destroy
  has_many :sittings, dependent: :destroy
  has_many :shares, dependent: :destroy
  has_many :imports, dependent: :delete_all
  has_many :all_pages, class_name: "Page", dependent: :destroy
  has_many :activities, dependent: :destroy
  has_many :layers, dependent: :destroy

  scope :newest, -> { order(updated_at: :desc, id: :desc) }

  after_create { create_prepared!(kind: "prepared") }

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
      reordered
      page
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
    transaction { chosen.each(&:bin) && reordered }
  end

  # Brings these pages, in their order, to a place in the running order, counted from one among the others.
  def arrange_pages(chosen, number)
    transaction do
      others = pages.reject { |page| chosen.include?(page) }
      others.insert((number - 1).clamp(0, others.size), *chosen)
      others.each_with_index { |page, index| page.update_columns(position: index + 1) if page.position != index + 1 }
      reordered
    end
  end

  # Pages came, went or changed places: that is part of the log, and every board shows it.
  def reordered
    pages.reset
    touch
    Event.note(self, "order", { "pages" => pages.size })
    ApplicationRecord.current_transaction.after_commit { tell_boards(order: true) }
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

  # The going through it that has not ended, with its doors open or shut. Others may be held beside it.
  def sitting = sittings.current.order(:beside, :id).first

  # The link by which it is read as it was prepared, or as it is in a sitting.
  def share(sitting = nil) = shares.standing.find_by(sitting: sitting)

  # The feed that boards in Prepare follow; those in Teach and devices follow their sitting's.
  def board_feed = self.class.board_feed(id)
  def self.board_feed(id) = Live::Feed["lesson:#{id}:board"]

  # Says something to every board of this lesson.
  def tell_boards(**message) = [ board_feed, *sittings.current.map(&:wall_feed) ].each { |feed| feed.publish(**message) }
end
