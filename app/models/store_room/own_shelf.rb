# The teacher's own things, in folders, the newest first.
class StoreRoom::OwnShelf < StoreRoom::Shelf
  def title = "My things"

  def list(query: "", folder: nil, kind: nil)
    things = @teacher.assets.here.newest.includes(:picture)
    things = things.where(folder: folder) if folder.present?
    things = things.where(kind: kind) if kind.present?
    query.scan(/[[:alnum:]]+/).first(8).each do |word|
      things = things.where("assets.name LIKE :word OR assets.folder LIKE :word OR assets.kind LIKE :word", word: "%#{ActiveRecord::Base.sanitize_sql_like(one_of(word))}%")
    end
    found = things.limit(MOST + 1).to_a
    StoreRoom::Listing.new(entries: found.first(MOST).map { |asset| entry(asset) }, folders: @teacher.assets.here.where.not(folder: "").group(:folder).order(:folder).count, more: found.size > MOST)
  end

  def take(id) = @teacher.assets.here.find(id)

  private

  # "boats" finds "boat.png" too.
  def one_of(word) = word.length > 3 ? word.singularize : word

  def entry(asset)
    StoreRoom::Entry.new(id: asset.id, title: asset.title, kind: asset.kind, thumbnail: (asset.picture && "/pictures/#{asset.picture_id}?size=small"), facts: asset.as_kind.facts, state: asset.state, progress: asset.progress)
  end
end
