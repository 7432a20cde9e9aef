class Pages::UndosController < Pages::BaseController
  include Recorded

  def create = answer(page.undo(by: teacher, id: params[:id], during: during(params)))

  private

  def answer(patch)
    render json: { patches: [ patch&.to_h ].compact, can: { undo: page.undoable(teacher).present?, redo: page.redoable(teacher).present? } }
  end
end
