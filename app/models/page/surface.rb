# A stored page as the core's operations see it (Usher::Page::Operation). Loads only the items an
# operation names, so that its cost does not grow with what else is on the page.
class Page::Surface
  def initialize(page)
    @page = page
  end

  def find(ids) = rows.where(key: ids).to_h { |item| [ item.key, item.placed ] }
  def near(box, kind) = rows.near(box, kind).map(&:placed)
  def top = rows.maximum(:z) || 0
  def bottom = rows.minimum(:z) || 0
  def style = @page.style

  private

  # Without the page's usual order, which would make the database sort for every look-up, and without
  # the drawings.
  def rows = Item.where(page_id: @page.id).select(:id, :key, :data, :z)
end
