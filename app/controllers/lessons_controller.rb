# The desk, and Prepare.
class LessonsController < ApplicationController
  include FramesHosts
  for_teachers
  frames_hosts_of(only: :show) { teacher }

  def index
    @query, @folder = params[:q].to_s.squish[0, 80], params[:folder].to_s.squish[0, 60].presence
    lessons = access.lessons.on_desk
    @folders, @starts = lessons.folders, access.lessons.starting_points.where(starting_point: "lesson").newest.limit(12)
    @lessons = (@folder ? lessons.where(folder: @folder) : lessons).newest.includes(:pages, :handover)
    @handed = access.handovers.includes(lesson: %i[teacher pages])
    @found = Search.new(lessons, @query).results if @query.present?
    render partial: "lessons", locals: { lessons: @lessons, query: @query, found: @found, folder: @folder } if htmx?
  end

  # From nothing, or from a starting point of the teacher's own.
  def create
    return redirect_to(access.lessons.starting_points.find(params[:start]).start_lesson) if params[:start]
    title = params.permit(lesson: :title).require(:lesson)[:title].presence if params.key?(:lesson)
    redirect_to Lesson.start(teacher: teacher, title: title || (params[:blank] ? Lesson.blank_title : "New lesson"))
  end

  def show
    @lesson = access.lessons.find(params[:id])
    @page = shown_page(@lesson)
    render layout: "board"
  end

  def update
    @lesson = access.lessons.find(params[:id])
    @lesson.update!(params.permit(lesson: [ :title, :subject, :year, :folder, :length, :curriculum, :notes ]).require(:lesson))
    respond_to do |format|
      format.html { htmx? ? render(partial: "card", locals: { lesson: @lesson }) : redirect_to(root_path) }
      format.json { render json: { title: @lesson.title } }
    end
  end

  def destroy
    lesson = access.lessons.find(params[:id])
    lesson.sittings.current.each(&:shut)
    lesson.bin
    redirect_to root_path, notice: "“#{lesson.title}” is in the bin for 30 days.", status: :see_other
  end

  private

  def shown_page(lesson)
    lesson.pages.find { |page| page.id == params[:page].to_i } || lesson.place_page
  end
end
