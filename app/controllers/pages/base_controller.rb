# What belongs to one page of the teacher who asks.
class Pages::BaseController < ApplicationController
  for_teachers

  private

  def page = @page ||= access.pages.find(params[:page_id])
end
