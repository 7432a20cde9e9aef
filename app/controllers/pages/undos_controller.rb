class Pages::UndosController < Pages::BaseController
  include Recorded

  def create = answer(page.undo(by: teacher, id: params[:id], **circumstances(params)))

  private

  def answer(patch)
    render json: { patches: [ patch&.to_h ].compact, can: page.steps_open_to(teacher) }
  end
end
