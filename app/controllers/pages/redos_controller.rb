class Pages::RedosController < Pages::UndosController
  def create = answer(page.redo(by: teacher, id: params[:id], **circumstances(params)))
end
