# Pages of another lesson of the same teacher arrive in this one, copied or moved.
class Lessons::ArrivalsController < Lessons::BaseController
  before_action :lesson

  def create
    pages = access.pages.where(id: Array(params[:pages]).first(500)).order(:position, :id).to_a
    raise Usher::Invalid, "Choose pages of one lesson of yours." if pages.map(&:lesson_id).uniq.size != 1 || pages.size != Array(params[:pages]).size
    raise Usher::Invalid, "They are in that lesson already." if pages.first.lesson_id == lesson.id
    copies = lesson.take_in(pages, move: params[:move] == true)
    render json: { lesson: lesson.id, title: lesson.title, page: copies.first.id }
  end
end
