# What belongs to one page of the teacher who asks, as it was prepared or as it is in the sitting that a board in
# Teach names.
class Pages::BaseController < ApplicationController
  for_teachers

  private

  def page = @page ||= access.pages.find(params[:page_id])
  def showing = @showing ||= access.showing(page, params[:sitting])

  # What Page#perform and its like take besides what was done. sent: a hash with "sitting", "take", "ms".
  def circumstances(sent)
    viewer = access.showing(page, sent["sitting"] || (page.lesson.sitting&.id if sent["teach"])).viewer # boards of an earlier release say only "teach"
    raise Usher::Invalid, "This page cannot be changed here." unless viewer.may?(:write)
    { layer: viewer.layer, during: during(sent) }
  end

  # What the board's buttons may offer.
  def steps(layer = showing.viewer.layer) = page.steps_open_to(teacher, layer)
end
