# Pictures of the web, as Outside.web reads it; taken by their addresses.
class StoreRoom::WebShelf < StoreRoom::Shelf
  def title = "Small web"
  def simulated? = Outside.web.simulated?
  def list(**) = StoreRoom::Listing.new(entries: [], folders: {}, more: false)

  def take(address)
    name, bytes = Outside.web.picture(address.to_s) || gone
    Taken.new(Picture.take_in_bytes(bytes, teacher: @teacher, name: name, origin: "web:#{address}"), name.sub(/\.\w+\z/, ""))
  end
end
