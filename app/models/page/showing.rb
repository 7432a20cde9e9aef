# A page as somebody sees it (Viewer): through their layers, and only what is for them. What boards, devices,
# small pictures, print and takes show of a page comes from here.
class Page::Showing
  attr_reader :page, :viewer

  def initialize(page, viewer)
    @page, @viewer = page, viewer
  end

  # The rows that are seen, back to front.
  def items = through.for_audience(viewer.audience).back_to_front

  # Their drawings, back to front.
  def drawings = items.pluck(viewer.audience.veiled? ? Item::VEILED : :svg)

  def ground = Usher::Page::Drawing.ground(style, veil: veil)

  # What the core calls the page's style.
  def style = @style ||= page.style.merge(LayerStyle.over(page.id, viewer.layer.stack.drop(1)))

  # The whole page as an SVG document that needs nothing around it. view: see Usher::Page::Drawing.
  def document(pictures = Picture.addresses, **view)
    Usher::Page::Drawing.document(style, drawings, veil: veil, **view) { |address| pictures[address] }
  end

  # Copies of everything that is seen, as attributes with ids of their own.
  def copied_items
    Usher::Items.copies(items.map { |row| row.placed.item }) { SecureRandom.alphanumeric(20) }
  end

  # The page in memory, as the core computes with it.
  def memory = Usher::Page::Memory.new(items.map(&:placed), style: style)

  private

  def through
    page.redraw unless page.drawn?
    rows = Item.where(page_id: page.id).through(viewer.layer.stack)
    viewer.layer.prepared? ? rows : rows.without_hidden_ink
  end

  # The parts of the paper's picture that are under covers (Usher::Veil), where that is not for them.
  def veil
    return [] unless viewer.audience.veiled?
    paper = Usher::Page::Paper.of(style)
    picture = paper.picture && Picture.find_by(id: paper.picture) or return []
    covers = through.where(kind: "cover").map { |item| item.placed.item }.reject(&:off)
    paper.under(covers.map(&:box), picture.width, picture.height, size: page.size)
  end
end
