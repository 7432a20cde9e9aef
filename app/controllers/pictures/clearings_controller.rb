# A colour is taken out of a picture; the picture itself stays, and the item shows the new one. The colour
# is named, or found at a place of it.
class Pictures::ClearingsController < ApplicationController
  include Heavy
  for_teachers
  heavy only: :create

  SHARE = Usher::Types::Number.new(0..1)

  def create
    picture = access.pictures.find(params[:picture_id])
    colour = params[:colour] || picture.colour_at(SHARE.call(params[:across]), SHARE.call(params[:down]))
    cleared = picture.cleared_of(colour, params[:tolerance] || 24, by: teacher)
    render json: { picture: cleared.id, colour: colour }
  end
end
