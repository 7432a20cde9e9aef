class Pages::RedosController < Pages::UndosController
  def create = answer(page.redo(by: teacher, id: params[:id], during: during(params)))
end
