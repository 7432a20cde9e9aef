# Pages, files and links that go to devices: sent, who has opened them, fetched back.
class Sittings::HandoutsController < Sittings::BaseController
  layout false

  def index = nil

  def create
    Handout.out(sitting, params.permit(:page, :file, :link).to_h.compact_blank, seats: sitting.whom(params[:to]))
    render :index
  end

  def destroy
    sitting.handouts.standing.find(params[:id]).take_back
    render :index
  end
end
