# Things are taken out of the store room: answers with the items that come onto the page, and with a file
# whose pages are to be chosen.
class StoreRooms::TakingsController < ApplicationController
  for_teachers

  MOST = 30
  PLACE = Usher::Types::List.new(Usher::Types::Number.new(-20_000..20_000), 2..2)

  def create
    ids = Array(params[:ids])
    raise Usher::Invalid, "Choose up to #{MOST} things at once." unless ids.size.between?(1, MOST)
    shelf = StoreRoom.new(teacher).shelf(params[:shelf].to_s)
    papers, things = ids.map { |id| shelf.take(id) }.partition { |thing| thing.try(:paged?) }
    render json: { items: things.each_with_index.flat_map { |thing, index| items(thing, index) }, pages: papers.first&.as_kind&.offer }.compact
  end

  private

  def lesson = @lesson ||= access.lessons.find(params[:lesson_id])
  def at = @at ||= PLACE.call(params[:at] || Usher::Page::SIZE.map { |side| side / 2 })

  # The first lies where it was dropped, or by itself beside what is on the page; the others beside it.
  def items(thing, index)
    items = thing.items_at(at, lesson: lesson)
    box = Usher::Geometry::Box.around(items.flat_map { |item| Usher::Items.build(item).box.corners })
    middle = index.zero? && params[:dropped] ? spot.hold(box.width, box.height, at) : spot.take(box.width, box.height, at)
    across, down = middle[0] - box.x - box.width / 2.0, middle[1] - box.y - box.height / 2.0
    items.map { |item| item.merge("x" => (item["x"] + across).round(2), "y" => (item["y"] + down).round(2)) }
  end

  def spot
    @spot ||= begin
      page = params[:page] && lesson.pages.find(params[:page])
      Usher::Page::Spot.new(page ? access.showing(page, params[:sitting]).items.boxes : [], page ? page.size : Usher::Page::SIZE)
    end
  end
end
