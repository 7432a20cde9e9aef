# The core's items of late, as objects: what was written on a board a moment ago is what a hand erases,
# moves or colours next, and reading thousands of points from JSON again costs more than cutting them.
# An entry is found by the item's page, key and version, so that an old one is never mistaken for new.
class Item::Recent
  MOST = 150_000 # points and other items, counted together

  def initialize
    @lock = Mutex.new
    @items = {} # the longest unused first
    @weight = 0
  end

  # row: a hash with :page_id, :key and :seq. The block makes the item where it is not known.
  def fetch(row)
    name = name(row)
    known = @lock.synchronize { @items.delete(name)&.tap { |item| @items[name] = item } }
    known || yield.tap { |item| @lock.synchronize { keep(name, item) } }
  end

  # Rows with their items, which have been committed, no earlier.
  def add(pairs) = @lock.synchronize { pairs.each { |row, item| keep(name(row), item) } }

  def clear
    @lock.synchronize { @items, @weight = {}, 0 }
  end

  private

  def name(row) = row.values_at(:page_id, :key, :seq)

  def keep(name, item)
    @weight -= weight(@items.delete(name)) if @items.key?(name)
    @items[name] = item
    @weight += weight(item)
    @weight -= weight(@items.shift.last) while @weight > MOST && @items.size > 1
  end

  def weight(item) = item.is_a?(Usher::Items::Ink) ? item.points.size : 20
end
