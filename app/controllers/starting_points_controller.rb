# Pages and lessons kept to start from.
class StartingPointsController < ApplicationController
  for_teachers

  def index
    render partial: "starting_points/list", formats: :html, locals: { kept: access.lessons.starting_points.newest.includes(:pages) }
  end

  def create
    title = params[:title].to_s.squish.presence || raise(Usher::Invalid, "A starting point needs a name.")
    kept = params[:lesson_id] ? access.lessons.on_desk.find(params[:lesson_id]).keep(title: title) : Lesson.keep_page(access.pages.find(params[:page_id]), title: title, ink: params[:ink] != "0")
    respond_to do |format|
      format.json { render json: { kept: kept.id } }
      format.html { redirect_to root_path, notice: "“#{kept.title}” is kept as a starting point." }
    end
  end

  def destroy
    access.lessons.starting_points.find(params[:id]).bin
    head :no_content
  end
end
