class PagesController < ApplicationController
  for_teachers

  # Everything a board needs to show the page, as it was prepared or as it is in the sitting that it names.
  def show
    page = access.pages.find(params[:id])
    showing = access.showing(page, params[:sitting])
    layer = showing.viewer.layer
    mark = (layer.sitting&.wall_feed || page.lesson.board_feed).mark
    page.reload # what is told up to the mark is in it
    render json: { page: page.id, style: showing.style, ground: showing.ground, items: showing.drawings.join, seq: page.seq, mark: mark,
      can: page.steps_open_to(teacher, layer), since: (layer.prepared? ? page.lesson.sitting&.layer : layer)&.changes_on(page).to_i,
      **(layer.sitting ? { prompt: layer.sitting.prompt_now(page) } : {}) }
  end

  def destroy
    page = access.pages.find(params[:id])
    page.lesson.bin_pages([ page ])
    head :no_content
  end
end
