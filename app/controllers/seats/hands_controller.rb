# A hand up, and down again.
class Seats::HandsController < Seats::BaseController
  def create = raise_hand(true)
  def destroy = raise_hand(false)

  private

  def raise_hand(up)
    seat.raise_hand(up)
    head :no_content
  end
end
