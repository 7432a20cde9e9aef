class PagesController < ApplicationController
  for_teachers

  # Everything a board needs to show the page.
  def show
    page = access.pages.find(params[:id])
    mark = page.lesson.board_feed.mark
    render json: { page: page.id, style: page.style, ground: page.ground, items: page.drawings.join, seq: page.seq, mark: mark,
      can: page.steps_open_to(teacher) }
  end

  def destroy
    page = access.pages.find(params[:id])
    raise Usher::Invalid, "A lesson keeps at least one page." if page.lesson.pages.one?
    page.bin
    page.lesson.touch
    head :no_content
  end
end
