# Chosen things of a page go into the store room.
class StoreRooms::SetsController < ApplicationController
  for_teachers

  def create
    page = access.pages.find(params[:page])
    asset = teacher.assets.keep_set(access.showing(page, params[:sitting]), Array(params[:ids]).map(&:to_s), name: params[:name].to_s)
    render json: { asset: asset.id, name: asset.name }
  end
end
