# Pictures and sounds for the parts of an activity: what there is to choose from, and one as it is taken.
class Lessons::FacesController < Lessons::BaseController
  PARTS = %w[things strip].freeze # of the chooser, and the row in the maker

  layout false
  helper_method :lesson

  def index
    @faces = faces
    render partial: (PARTS.include?(params[:part]) ? params[:part] : "faces")
  end

  def create
    render json: faces.take(params[:id].to_s)
  end

  private

  def faces
    Activity::Faces.new(teacher, access.showing(page_shown, params[:sitting].presence&.to_s), shelf: params[:shelf].to_s, query: params[:q], silent: params[:only] == "picture")
  end
end
