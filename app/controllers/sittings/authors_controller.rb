# Whose ink lies on a page; hidden, shown again, or taken off.
class Sittings::AuthorsController < Sittings::BaseController
  layout false
  before_action :seat, except: :index

  def index
    page = sitting.lesson.pages.find(params[:page])
    render json: { page: page.id, names: sitting.authors_on(page) }
  end

  def update
    seat.hide_ink(params[:hidden] == "true")
    render_card
  end

  def destroy
    seat.take_off_ink(by: teacher)
    render_card
  end

  private

  def seat = @seat ||= sitting.seats.find(params[:id])
  def render_card = render(partial: "sittings/seats/card", locals: { seat: seat })
end
