# The library of drawings that comes with Usher.
class StoreRoom::DrawingsShelf < StoreRoom::Shelf
  def title = "Drawings"

  # Folders are the subjects that drawings are about.
  def list(query: "", folder: nil, **)
    found = folder.present? ? Library::Drawing.about(folder, query) : Library::Drawing.search(query)
    entries = found.map { |one| StoreRoom::Entry.new(id: one.id, title: one.title, kind: "picture", thumbnail: "/drawings/#{one.id}", state: "ready") }
    StoreRoom::Listing.new(entries: entries, folders: Library::Subjects::ALL.transform_values { nil }, more: entries.size == Library::Drawing::MOST)
  end

  def take(id) = (drawing = Library::Drawing.named(id)) ? Taken.new(drawing.picture_for(@teacher), drawing.title) : gone
end
