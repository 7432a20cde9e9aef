# A page that was deleted comes back to its place.
class Pages::ReturnsController < ApplicationController
  for_teachers

  def create
    page = access.binned_pages.find(params[:page_id])
    page.fetch_back
    page.lesson.reordered
    respond_to do |format|
      format.json { render json: { page: page.id } }
      format.html { redirect_to lesson_path(page.lesson, page: page.id), notice: "The page is back in its place." }
    end
  end
end
