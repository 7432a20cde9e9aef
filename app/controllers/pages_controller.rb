class PagesController < ApplicationController
  for_teachers

  # Everything a board needs to show the page.
  def show
    page = access.pages.find(params[:id])
    mark = page.lesson.board_feed.mark
    render json: { page: page.id, style: page.style, ground: page.ground, items: page.drawings.join, seq: page.seq, mark: mark,
      can: page.steps_open_to(teacher), since: page.steps_since_prepared }
  end

  def destroy
    page = access.pages.find(params[:id])
    page.lesson.bin_pages([ page ])
    head :no_content
  end
end
