# What belongs to one lesson of the teacher who asks.
class Lessons::BaseController < ApplicationController
  for_teachers

  private

  # The one that a board in Teach names, or the lesson's own.
  def sitting = @sitting ||= params[:sitting].present? ? lesson.sittings.current.find(params[:sitting]) : lesson.sitting
  def open_sitting = sitting.then { |sitting| sitting if sitting&.open? }

  def lesson = @lesson ||= access.lessons.find(params[:lesson_id])

  # The page the board says it shows, or the one the lesson was left at.
  def page_shown = lesson.pages.find { |page| page.id == params[:page].to_s.to_i } || lesson.place_page
end
