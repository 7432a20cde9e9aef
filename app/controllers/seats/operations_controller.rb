# What a student does on a page, in the order it was done; each is kept or refused by itself. It may come late, when the
# class is on another page by then.
class Seats::OperationsController < Seats::BaseController
  include SeatPages, SentOperations

  rate_limit to: 240, within: 1.minute, only: :create, by: -> { seat&.id || request.remote_ip }, store: Live::Counts.store, with: -> { head :too_many_requests }

  def create
    patch = nil
    answer = each_sent { |one| (patch = seat.perform(page, one["operation"], id: one["id"])).for(seat.viewer) }
    render json: JSON.generate({ **answer, can: steps_after(patch) })
  end
end
