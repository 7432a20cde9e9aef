# An exercise of a lesson. What it holds is in its editions; the latest is what is dealt.
class Activity < ApplicationRecord
  belongs_to :lesson
  has_many :editions, -> { order(:number) }, dependent: :destroy, inverse_of: :activity
  has_many :attempts, through: :editions
  has_many :items, dependent: :nullify
  has_many :sendings, dependent: :delete_all

  normalizes :title, with: PlainName.method(:of)
  validates :title, presence: { message: "Give the activity a title." }, length: { maximum: 80, message: "A title has at most 80 characters." }
  validate :content_is_playable, if: :revised?
  after_save :keep_edition, if: :revised?

  def edition = editions.last
  def kind_title = Usher::Activities.registry.fetch(kind).title

  # As the teacher is filling it in, or as it is in the latest edition.
  def content = @content || edition&.content || {}
  def rules = @rules || edition&.rules || {}

  def content=(given)
    @content = given
  end

  def rules=(given)
    @rules = given
  end

  # What its card on a page shows.
  def card = { "activity" => id, "title" => title, "activity_kind" => kind, "tiles" => edition.kind_of.glimpse.map { |words| words.truncate(80) } }

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

  # as: another kind, of those its content can be made into (see Usher::Activities::Recast).
  def copy_to(other, as: kind)
    made = as == kind ? content : recast.fetch(as) { raise Usher::Invalid, "This activity cannot be made into that kind." }
    other.activities.create!(title: title, kind: as, content: made, rules: rules)
  end

  def recast = Usher::Activities::Recast.of(edition.kind_of)

  # Drawings of its sheets (see Usher::Activities::Paper), dealt the same each time. pictures: as Picture.addresses.
  def paper(solved: false, pictures: Picture.addresses)
    Usher::Activities::Paper.new(edition.kind_of, title: title, seed: id, solved: solved, sizes: edition.picture_sizes).documents { |address| pictures[address] }
  end

  # Deals a new go: to a participant, or at the wall, in a sitting's layer or (nil) to be tried out.
  def deal(to: nil, layer: nil) = edition.attempts.deal(edition, participant: to, layer: layer)

  # The go a participant left unfinished, the one that stands at the wall, or a new one.
  def resume(to: nil, layer: nil)
    standing = to ? attempts.where(participant: to, ended: nil) : attempts.where(participant: nil, layer: layer, away_at: nil)
    standing.last || deal(to: to, layer: layer)
  end

  private

  CARD = { "width" => 760, "height" => 440 }.freeze

  # Beside what lies there, where there is room.
  def add_card(by)
    page = lesson.place_page
    width, height = CARD.values
    x, y = Usher::Page::Spot.new(page.items.where(layer: lesson.prepared).boxes, page.size).take(width, height, page.size.map { |side| side / 2.0 })
    page.perform({ "verb" => "put", "items" => [ { "kind" => "activity", "id" => SecureRandom.alphanumeric(20), "x" => (x - width / 2).round, "y" => (y - height / 2).round, **CARD, **card } ] }, id: SecureRandom.alphanumeric(20), by: by)
    page
  end

  # Whether there is something to be kept as an edition.
  def revised? = new_record? || edition.nil? || !@content.nil? || !@rules.nil?

  def content_is_playable
    self.content = Usher::Activities.registry.fetch(kind).build(content).content
    self.rules = Usher::Activities::Rules.new(rules).to_h
    faces = Usher::Activities.registry.fetch(kind).build(content).all_faces
    own = { picture: lesson.pictures, sound: lesson.assets.where(kind: "sound") }
    own.each do |part, shelf|
      numbers = faces.filter_map(&part).uniq
      errors.add(:content, "A #{part} of this activity is not in your store room any more.") unless shelf.where(id: numbers).count == numbers.size
    end
  rescue Usher::Invalid => error
    errors.add(:content, error.message)
  end

  def keep_edition
    latest = edition
    editions.create!(number: latest&.number.to_i + 1, kind: kind, content: content, rules: rules) unless latest && [ latest.kind, latest.content, latest.rules ] == [ kind, content, rules ]
    @content = @rules = nil
  end
end
