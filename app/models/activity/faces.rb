# What can be put into an activity as a picture or a sound: what lies on the page in view, the teacher's own things,
# and pictures from the shelves of the store room. What is taken is a face of the core.
class Activity::Faces
  MOST = 60

  Shelf = Struct.new(:title, :name, :kind, keyword_init: true)
  SHELVES = {
    "page" => Shelf.new(title: "On this page"), "own" => Shelf.new(title: "My pictures", name: "own", kind: "picture"), "sounds" => Shelf.new(title: "My sounds", name: "own", kind: "sound"),
    "drawings" => Shelf.new(title: "Drawings", name: "drawings"), "pictures" => Shelf.new(title: "Picture search", name: "pictures")
  }.freeze
  SILENT = SHELVES.except("sounds").freeze

  attr_reader :shelf, :query

  # showing: the page in view; silent: where only a picture will do.
  def initialize(teacher, showing, shelf: nil, query: nil, silent: false)
    @teacher, @showing, @silent = teacher, showing, silent
    @shelf = shelves.key?(shelf) ? shelf : (on_page.any? ? "page" : "drawings")
    @query = query.to_s.squish[0, 80]
  end

  def shelves = @silent ? SILENT : SHELVES
  def searched? = shelf != "page"
  def simulated? = room&.simulated? || false

  # StoreRoom::Entry of what can be taken here.
  def entries = shelf == "page" ? on_page.map { |item| entry(item) } : room.list(query: query, kind: shelves[shelf].kind).entries.first(MOST)

  # The values of a Face. Raises Usher::Invalid where there is nothing of that kind.
  def take(id)
    return face_of(on_page.find { |item| item.key == id } || gone) if shelf == "page"
    thing = room.take(id)
    thing.try(:kind) == "sound" ? { "sound" => thing.id } : { "picture" => (thing.picture || gone).id }
  rescue ActiveRecord::RecordNotFound
    gone
  end

  private

  def room = @room ||= shelves[shelf].name&.then { |name| StoreRoom.new(@teacher).shelf(name) }

  def on_page
    @on_page ||= @showing.items.where(kind: @silent ? %w[picture] : %w[picture sound]).includes(:asset).select { |item| face_of(item).values.any? }
  end

  def face_of(item) = item.kind == "picture" ? { "picture" => item.picture_id } : { "sound" => item.asset_id }

  def entry(item)
    title = item.data["alt"].presence || item.asset&.title || (item.kind == "picture" ? "A picture" : "A sound")
    StoreRoom::Entry.new(id: item.key, title: title, kind: item.kind, thumbnail: ("/pictures/#{item.picture_id}?size=small" if item.kind == "picture"))
  end

  def gone = raise(Usher::Invalid, "That is no longer there.")
end
