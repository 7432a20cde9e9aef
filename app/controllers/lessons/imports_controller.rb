# Pages of a PDF or slides come into a lesson, behind the page in view.
class Lessons::ImportsController < Lessons::BaseController
  include Heavy
  heavy only: :create

  def create
    asset = teacher.assets.here.find(params[:asset])
    import = Import.start(lesson, asset, after: page_shown, wanted: params[:wanted].to_s)
    render json: import.status
  end
end
