# A picture search, as Outside.picture_search does it.
class StoreRoom::PicturesShelf < StoreRoom::Shelf
  def title = "Picture search"
  def simulated? = search.simulated?

  def list(query: "", **)
    entries = search.find(query).first(MOST).map { |found| StoreRoom::Entry.new(id: found.id, title: found.title, kind: "picture", thumbnail: "/found_pictures/#{found.id}", facts: found.credit, state: "ready") }
    StoreRoom::Listing.new(entries: entries, folders: {}, more: false)
  end

  def take(id)
    found = search.fetch(id.to_s) or gone
    Taken.new(Picture.take_in_bytes(found.bytes, teacher: @teacher, name: found.title, origin: "search:#{found.id}"), "#{found.title} (#{found.credit})")
  end

  private

  def search = Outside.picture_search
end
