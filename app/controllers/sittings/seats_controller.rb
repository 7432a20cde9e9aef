# One student of a sitting: the name, sending out.
class Sittings::SeatsController < Sittings::BaseController
  OUT = %w[now lesson].freeze

  layout false
  before_action :seat

  def show = params[:shut] ? head(:ok) : render_card

  def update
    return seat.raise_hand(false).then { head :ok } if params[:hand] == "down"
    return seat.let_in.then { head :ok } if params[:let_in]
    seat.rename(params[:name])
    render_card
  end

  # Out for now, or for this lesson, with everything kept; or deleted with all that was left.
  def destroy
    how = params[:how].to_s
    if how == "forget"
      Entry.note("deleted", who: teacher, about: seat.name, request: request)
      seat.forget
    else
      raise Usher::Invalid, "Say how long." unless OUT.include?(how)
      seat.send_out(how)
    end
    head :ok
  end

  private

  def seat = @seat ||= sitting.seats.find(params[:id])
  def render_card = render(partial: "sittings/seats/card", locals: { seat: seat })
end
