# Things of other shelves come to lie among the teacher's own.
class StoreRooms::KeepsController < ApplicationController
  for_teachers

  def create
    shelf, ids = StoreRoom.new(teacher).shelf(params[:shelf].to_s), Array(params[:ids])
    raise Usher::Invalid, "Choose up to #{StoreRooms::TakingsController::MOST} things at once." unless ids.size.between?(1, StoreRooms::TakingsController::MOST)
    ids.each { |id| shelf.take(id).keep }
    head :no_content
  end
end
