# A student's or a group's copy of one page, as it stands on the wall of copies. There is a row of it once the teacher has
# noted something.
class PageCopy < ApplicationRecord
  include Walled

  belongs_to :layer
  belongs_to :page

  # Those of a page on which something is different, noted or not.
  def self.of(sitting, page)
    layers = sitting.copies_on(page)
    noted = where(layer: layers, page: page).index_by(&:layer_id)
    layers.map { |layer| noted[layer.id] || new(layer: layer, page: page) }
  end

  # On a wall it is known by whose it is.
  def key = layer_id
  def maker = layer.group_name || layer.seat.name
  def wall_words = "a copy of the page"

  # How much is different on it; where something changes, so does this.
  def changes = @changes ||= layer.changes_on(page)
end
