class Seats::RedosController < Seats::UndosController
  private

  def step(**how) = page.redo(**how)
end
