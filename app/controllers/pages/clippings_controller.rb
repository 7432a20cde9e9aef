# What is copied or cut on a page.
class Pages::ClippingsController < Pages::BaseController
  def create
    teacher.clippings.clip(showing, Array(params[:ids]).grep(String), key: params[:id])
    render json: { patches: [] }
  end
end
