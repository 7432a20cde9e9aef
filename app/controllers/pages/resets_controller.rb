# The page as it was prepared, for another go.
class Pages::ResetsController < Pages::BaseController
  def create
    raise Usher::Invalid, "Nothing was done to this page in class." if showing.viewer.layer.prepared?
    patch = page.reset(id: params[:id], by: teacher, **circumstances(params))
    said = { said: "The page is as you prepared it." } unless patch
    render json: JSON.generate({ patches: [ patch&.for(showing.viewer) ].compact, can: steps, **said.to_h })
  end
end
