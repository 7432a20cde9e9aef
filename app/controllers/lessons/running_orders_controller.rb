class Lessons::RunningOrdersController < Lessons::BaseController
  layout false

  def show = render("lessons/_running_order", locals: { lesson: lesson, current: page_shown })
end
