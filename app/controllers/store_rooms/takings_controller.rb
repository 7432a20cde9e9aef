# Things are taken out of the store room: answers with the items that come onto the page, and with a file
# whose pages are to be chosen.
class StoreRooms::TakingsController < ApplicationController
  for_teachers

  MOST = 30
  PLACE = Usher::Types::List.new(Usher::Types::Number.new(-20_000..20_000), 2..2)
  STEP = 40 # page units from one to the next

  def create
    lesson, at = access.lessons.find(params[:lesson_id]), PLACE.call(params[:at] || Usher::Page::SIZE.map { |side| side / 2 })
    ids = Array(params[:ids])
    raise Usher::Invalid, "Choose up to #{MOST} things at once." unless ids.size.between?(1, MOST)
    shelf = StoreRoom.new(teacher).shelf(params[:shelf].to_s)
    papers, things = ids.map { |id| shelf.take(id) }.partition { |thing| thing.try(:paged?) }
    render json: { items: things.each_with_index.flat_map { |thing, index| thing.items_at(at.map { |n| n + index * STEP }, lesson: lesson) },
      pages: papers.first&.as_kind&.offer }.compact
  end
end
