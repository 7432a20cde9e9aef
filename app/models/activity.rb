class Activity < ApplicationRecord
  attribute :content, StoredDocument.new(:activity)

  belongs_to :lesson
  has_many :attempts, dependent: :destroy
  has_many :items, dependent: :nullify

  normalizes :title, with: ->(title) { title.squish }
  validates :title, presence: { message: "Give the activity a title." }, length: { maximum: 80, message: "A title has at most 80 characters." }
  validate :content_is_playable

  # The core's activity of this kind with this content.
  def kind_of = @kind_of ||= Usher::Activities.registry.fetch(kind).build(content)

  def kind_title = Usher::Activities.registry.fetch(kind).title

  # What its card on a page shows.
  def card = { "activity" => id, "title" => title, "activity_kind" => kind, "tiles" => kind_of.glimpse }

  # Puts its card on the page the lesson was left at; where cards of it lie already, they are brought
  # up to date instead. Answers with the page.
  def place(by:)
    cards = items.where(layer: lesson.prepared).joins(:page).merge(Page.kept).to_a
    return add_card(by) if cards.empty?
    cards.group_by(&:page).each do |page, lying|
      page.perform({ "verb" => "change", "changes" => lying.map { |item| { "id" => item.key, "set" => card } } }, id: SecureRandom.alphanumeric(20), by: by)
    end
    cards.first.page
  end

  def copy_to(other) = other.activities.create!(title: title, kind: kind, content: content)

  # Deals a new go; seat is nil for a go on the board.
  def deal(seat: nil)
    attempts.create!(seat: seat, seed: SecureRandom.random_number(2**31), size: kind_of.size).tap(&:note)
  end

  # The go a student left unfinished, or a new one: a phone that was locked or reloaded goes on where it was.
  def resume(seat:) = (seat && attempts.where(seat: seat, finished_at: nil).last) || deal(seat: seat)

  def content=(value)
    @kind_of = nil
    super
  end

  private

  CARD = { "x" => 420, "y" => 230, "width" => 760, "height" => 440 }.freeze

  def add_card(by)
    page = lesson.place_page
    page.perform({ "verb" => "put", "items" => [ { "kind" => "activity", "id" => SecureRandom.alphanumeric(20), **CARD, **card } ] }, id: SecureRandom.alphanumeric(20), by: by)
    page
  end

  def content_is_playable
    self[:content] = Usher::Activities.registry.fetch(kind).build(content).content
  rescue Usher::Invalid => error
    errors.add(:content, error.message)
  end
end
