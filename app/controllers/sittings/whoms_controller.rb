# Whom something can go to, as the class is now; what was chosen stays chosen.
class Sittings::WhomsController < Sittings::BaseController
  IDS = %w[ask-whom handout-whom sending-whom].freeze # of the fields that ask it

  layout false

  def show
    id = IDS.find { |one| one == params[:id] } || IDS.first
    render partial: "sittings/whom", locals: { sitting: sitting, id: id, names: params[:names] == "1", chosen: params[:to].to_s }
  end
end
