class BinsController < ApplicationController
  for_teachers

  def show
    @lessons = access.binned_lessons.order(binned_at: :desc)
    @pages = access.binned_pages.includes(:lesson).order(binned_at: :desc)
  end
end
