# The doors: open them, see who is in, shut them.
class Lessons::SittingsController < Lessons::BaseController
  layout false

  def show = render_doors

  def create
    Sitting.open_doors(lesson, page_shown)
    render_doors
  end

  # Locked, nobody new comes in; who is in stays.
  def update
    lesson.open_sitting&.update!(locked: params[:locked] == "true")
    render_doors
  end

  def destroy
    lesson.sitting&.shut
    render_doors
  end

  private

  def render_doors = render("lessons/sittings/show", locals: { sitting: lesson.open_sitting, address: SchoolAddress.new(request).join })
end
