class Pages::UndosController < Pages::BaseController
  def create = answer(page.undo(by: teacher, id: params[:id], **circumstances(params)))

  private

  def answer(patch)
    render json: { patches: [ patch&.for(showing.viewer) ].compact, can: steps }
  end
end
