# Where what is being moved may snap to; asked once when a drag begins, and nothing is kept.
class Pages::GuidesController < Pages::BaseController
  NEIGHBOURS = 500

  def create
    keys = Array(params[:ids]).grep(String).first(Usher::Page::Operation::MAX_ITEMS)
    boxes = showing.items.where(key: keys).boxes
    return render(json: { across: [], down: [] }) if boxes.empty?
    moving = Usher::Geometry::Box.around(boxes.flat_map(&:corners))
    render json: Usher::Page::Guides.new(moving, showing.items.where.not(key: keys).where.not(kind: Usher::Page::Guides::IGNORED).limit(NEIGHBOURS).boxes, size: page.size).to_h
  end
end
