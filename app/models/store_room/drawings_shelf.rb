# The library of drawings that comes with Usher.
class StoreRoom::DrawingsShelf < StoreRoom::Shelf
  def title = "Drawings"

  def list(query: "", **)
    entries = Library::Drawing.search(query).map { |found| StoreRoom::Entry.new(id: found.id, title: found.title, kind: "picture", thumbnail: "/drawings/#{found.id}", state: "ready") }
    StoreRoom::Listing.new(entries: entries, folders: {}, more: entries.size == Library::Drawing::MOST)
  end

  def take(id) = (drawing = Library::Drawing.named(id)) ? Taken.new(drawing.picture_for(@teacher), drawing.title) : gone
end
