# What a lesson is about, as a form.
class Lessons::FactsController < Lessons::BaseController
  def show = render(partial: "lessons/facts", locals: { lesson: lesson, board: params[:board].present?, folders: access.lessons.on_desk.folders.map(&:first) })
end
