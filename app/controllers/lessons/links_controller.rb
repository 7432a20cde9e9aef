# What items of a lesson can be made to open.
class Lessons::LinksController < Lessons::BaseController
  def index = render(partial: "lessons/links/choices", locals: { lesson: lesson })
end
