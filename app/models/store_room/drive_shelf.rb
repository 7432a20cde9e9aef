# A drive in the cloud, as Outside.drive shows it. What is taken from it comes into the teacher's own things.
class StoreRoom::DriveShelf < StoreRoom::Shelf
  def title = "Cloud drive"
  def simulated? = drive.simulated?

  def list(query: "", folder: nil, **)
    here = drive.list(folder.to_s)
    files = query.present? ? drive.search(query) : here.files
    entries = files.map { |file| StoreRoom::Entry.new(id: file.path, title: file.name, kind: "file", facts: ActiveSupport::NumberHelper.number_to_human_size(file.bytes), state: "ready") }
    StoreRoom::Listing.new(entries: entries, folders: here.folders.to_h { |path| [ path, nil ] }, more: false)
  end

  def take(id)
    name, bytes = drive.fetch(id.to_s) || gone
    @teacher.assets.take_in(StoreRoom::Fetched.new(name, bytes))
  end

  private

  def drive = Outside.drive
end
