# A student takes back the latest of what they did themselves.
class Seats::UndosController < Seats::BaseController
  include SeatPages

  def create
    raise Usher::Invalid, "Your teacher has not opened writing just now." unless seat.allowed.writes?
    patch = step(by: seat, id: params[:id], layer: seat.viewer.layer)
    render json: { patches: [ patch&.for(seat.viewer) ].compact, can: steps }
  end

  private

  def step(**how) = page.undo(**how)
end
