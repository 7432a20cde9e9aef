# A stored page as the core's operations see it (Usher::Page::Operation), through the layer they are done in.
# Loads only the items an operation names, so that its cost does not grow with what else is on the page.
class Page::Surface
  def initialize(page, layer)
    @page, @layer = page, layer
  end

  def find(ids) = placed(rows.keyed(ids)).index_by(&:id)
  def near(box, kind) = placed(rows.near(box, kind))
  def tied = placed(rows.tied)
  def from(pile) = placed(rows.where(origin: pile))
  def top = rows.order(z: :desc).pick(:z) || 0
  def bottom = rows.order(:z).pick(:z) || 0
  def style = @style ||= Page::Showing.new(@page, Viewer.room(@layer)).style

  private

  # Without the page's usual order, which would make the database sort for every look-up.
  def rows = Item.where(page_id: @page.id).through(@layer.stack)

  # The values are read only of those that are not known from before.
  def placed(found)
    versions = found.pluck(:key, :seq, :z).map { |key, seq, z| { page_id: @page.id, key: key, seq: seq, z: z } }
    values = nil
    versions.map do |row|
      item = Item.recent.fetch(row) do
        values ||= found.pluck(:key, :data).to_h
        Usher::Items.restore(values.fetch(row[:key]))
      end
      Usher::Page::Placed.new(item, row[:z])
    end
  end
end
