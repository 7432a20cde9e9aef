class Lessons::RunningOrdersController < Lessons::BaseController
  layout false

  def show = render("lessons/_running_order", locals: { lesson: lesson, current: page_shown, anew: true })

  # Pages, one or several, go to another place.
  def update
    number = Integer(params[:number], exception: false)
    chosen = lesson.pages.select { |page| Array(params[:pages]).map(&:to_i).include?(page.id) }
    raise Usher::Invalid, "Say which pages go to which place." unless number && chosen.any?
    lesson.arrange_pages(chosen, number)
    head :no_content
  end
end
