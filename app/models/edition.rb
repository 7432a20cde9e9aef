# One unchangeable state of an activity: its content, and the rules it is marked by. A change makes another.
class Edition < ApplicationRecord
  attribute :content, StoredDocument.new(:activity)
  attribute :rules, StoredDocument.new(:rules)

  belongs_to :activity
  has_many :attempts, dependent: :destroy

  before_update { raise ActiveRecord::ReadOnlyRecord }

  # The core's activity of this kind with this content.
  def kind_of = @kind_of ||= recent { Usher::Activities.registry.fetch(kind).build(content) }

  def play(seed, state = nil)
    Usher::Activities::Play.new(kind_of, Usher::Activities::Rules.new(rules), seed, state, deal: recent(seed) { kind_of.deal(seed) })
  end

  # { number of a picture that is shown in it => [width, height] }, so that its place is kept before it has come.
  def picture_sizes
    recent(:sizes) do
      ids = kind_of.all_faces.filter_map(&:picture)
      ids.empty? ? {} : activity.lesson.pictures.where(id: ids).pluck(:id, :width, :height).to_h { |id, *size| [ id, size.map(&:ceil) ] }
    end
  end

  def self.recent = @recent ||= Recent.new

  private

  # When it was made is part of what it is known by, because numbers can come again in another database.
  def recent(*more, &) = persisted? ? self.class.recent.fetch([ id, created_at, *more ], &) : yield
end
