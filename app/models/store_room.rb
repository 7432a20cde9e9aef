# Everything a teacher can take onto a page: shelves of their own things, of the library, and of services
# outside. A shelf is a file in store_room/shelves.
class StoreRoom
  LISTED = %w[own drawings pictures drive].freeze
  SHELVES = [ *LISTED, "web" ].freeze # the web is read in a panel of its own

  # id: what it is taken out by; kind: a kind of asset; thumbnail: an address or nil.
  Entry = Struct.new(:id, :title, :kind, :thumbnail, :facts, :state, :progress, keyword_init: true)
  Listing = Struct.new(:entries, :folders, :more, keyword_init: true)

  def initialize(teacher)
    @teacher = teacher
  end

  # web: with the one that is read in a panel of its own.
  def shelves(web: false) = (web ? SHELVES : LISTED).map { |name| shelf(name) }

  # The shelf of this name; the teacher's own where there is none.
  def shelf(name) = StoreRoom.const_get("#{(SHELVES.include?(name) ? name : 'own').camelize}Shelf").new(@teacher)
end
