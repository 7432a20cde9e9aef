# Out of the bin.
class Lessons::ReturnsController < ApplicationController
  for_teachers

  def create
    lesson = access.binned_lessons.find(params[:lesson_id])
    lesson.fetch_back
    redirect_to root_path, notice: "“#{lesson.title}” is back on your desk."
  end
end
