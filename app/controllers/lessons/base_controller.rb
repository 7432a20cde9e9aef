# What belongs to one lesson of the teacher who asks.
class Lessons::BaseController < ApplicationController
  for_teachers

  private

  def lesson = @lesson ||= access.lessons.find(params[:lesson_id])

  # The page the board says it shows, or the one the lesson was left at.
  def page_shown = lesson.pages.find { |page| page.id == params[:page].to_s.to_i } || lesson.place_page
end
