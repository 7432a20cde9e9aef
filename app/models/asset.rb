# Something that lies in a teacher's store room: a picture, a sound, a video, a PDF, slides, a file, or a set of
# things from a page. `picture` is what shows it; for a picture it is the thing itself.
class Asset < ApplicationRecord
  include Copies, Forgetting, Uses

  attribute :contents, StoredDocument.new(:set)

  belongs_to :teacher
  belongs_to :picture, optional: true
  has_many :items, dependent: :restrict_with_exception
  has_many :imports, dependent: :restrict_with_exception
  has_many :handed_files, dependent: :delete_all
  has_one_attached :file

  normalizes :name, :folder, with: PlainName.method(:of)

  before_validation { picture.teacher ||= teacher if picture&.new_record? }

  validates :name, presence: { message: "Give it a name." }, length: { maximum: 120, message: "That name is longer than 120 characters." }
  validates :folder, length: { maximum: 60, message: "That folder's name is longer than 60 characters." }

  scope :here, -> { where(away_at: nil) }
  scope :newest, -> { order(created_at: :desc, id: :desc) }

  # What came with an upload, by its content. only: a reader (see Readers), where only what it
  # reads is wanted.
  def self.take_in(upload, folder: "", only: nil)
    Intake.new(upload, only: only).asset_attributes.then { |attributes| create!(folder: folder, **attributes) }.tap(&:prepare)
  end

  # These things of a page (Page::Showing) as they are now, to be taken out again as often as wanted.
  def self.keep_set(showing, keys, name:, folder: "")
    page = showing.page
    rows = showing.items.where(key: keys.first(Usher::Page::Operation::MAX_ITEMS)).to_a
    raise Usher::Invalid, "There is nothing left of what you chose." if rows.empty?
    picture = Picture.take_in_bytes(page.picture_of(rows), teacher: page.lesson.teacher, name: name)
    create!(kind: "set", name: name.presence || "Things from “#{page.lesson.title}”".truncate(120), folder: folder, content_type: "application/json", picture: picture,
      contents: { "lesson" => page.lesson_id, "items" => rows.map { |row| row.placed.to_h } })
  end

  # What follows from its content and takes longer than an upload should wait.
  def prepare
    PictureVersionsJob.perform_later(picture) if picture
    make_copy_later
  end

  # Its name as it is shown: without an ending that only programs need.
  def title = %w[file pdf slides].include?(kind) ? name : name.sub(/\.[a-z0-9]{2,5}\z/i, "")

  # What is handed on when it is opened as a file; a set has none.
  def original = kind == "picture" ? picture.file : file

  def seconds = facts["seconds"].to_f

  delegate :items_at, to: :as_kind

  # Whether it has pages that can come into a lesson.
  def paged? = as_kind.is_a?(Kinds::Paged)

  # What it can do because of its kind (see Kinds).
  def as_kind = Kinds.of(self)

  # Already among the teacher's own things; see StoreRoom::Shelf::Taken.
  def keep = self

  # It leaves the store room; pages that show it keep it.
  def put_away = update!(away_at: Time.current)
  def bring_back = update!(away_at: nil)
end
