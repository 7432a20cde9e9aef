# The doors: open them, see who is in, shut them.
class Lessons::SittingsController < Lessons::BaseController
  layout false

  def show = render_doors

  def create
    if params[:sitting].present?
      sitting.open unless sitting.open?
    else
      @sitting = Sitting.open_doors(lesson, page_shown)
    end
    render_doors
  end

  # Locked, nobody new comes in; who is in stays. Which class may come, and whether it waits outside first.
  def update
    open_sitting&.then do |open|
      open.update!(locked: params[:locked] == "true") if params[:locked]
      open.update!(waits: params[:waits] == "true") if params[:waits]
      open.let_in if params[:waits] == "false" || params[:let_in] == "all"
      open.let_turn(params[:paging] == "true") if params[:paging]
      choose_class(open) if params.key?(:school_class)
    end
    render_doors
  end

  def destroy
    sitting&.shut
    render_doors
  end

  private

  def choose_class(open)
    chosen = params[:school_class].present? ? access.school_classes.find(params[:school_class]) : nil
    open.update!(school_class: chosen, entry: chosen && params[:entry] == "list" ? "list" : "any", title: open.title.presence || chosen&.title.to_s)
  end

  def render_doors = render("lessons/sittings/show", locals: { sitting: open_sitting, was: sitting, address: SchoolAddress.new(request).join })
end
