# A page that was deleted comes back to its place.
class Pages::ReturnsController < ApplicationController
  for_teachers

  def create
    page = access.binned_pages.find(params[:page_id])
    page.fetch_back
    page.lesson.reordered
    render json: { page: page.id }
  end
end
